/**
 * Files on the disk: whole at every moment, with the versions before, held by one program at a
 * time, and bounded before they are read. Knows no project.
 */
@org.jspecify.annotations.NullMarked
package reliqua.files.disk;
