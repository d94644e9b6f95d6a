/** Open formats in and out: project file, CSV, cut jobs and plans, SVG and PDF. */
@org.jspecify.annotations.NullMarked
package reliqua.files;
