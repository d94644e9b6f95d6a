/**
 * Findings: where a design falls short of the birds' needs, is too weak, or will be regretted. One
 * small class a rule.
 */
@org.jspecify.annotations.NullMarked
package reliqua.core.check;
