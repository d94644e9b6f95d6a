/** Cut jobs and plans, and the planners for sticks and sheets. Knows nothing of coops. */
@org.jspecify.annotations.NullMarked
package reliqua.core.cutting;
