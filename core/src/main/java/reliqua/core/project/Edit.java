package reliqua.core.project;

import java.util.function.UnaryOperator;

/**
 * A change to a project.
 *
 * @param name for the menu: "Undo add 6 sticks"
 * @param change from the project before to the project after
 */
public record Edit(String name, UnaryOperator<Project> change) {}
