package reliqua.core.stock;

import reliqua.core.measure.Money;

/**
 * Something a merchant sells, by the shop unit.
 *
 * @param id unique in the price book
 * @param name as the merchant calls it
 * @param material one unit: a board, a sheet, a roll
 * @param price of one unit
 */
public record Offer(String id, String name, Material material, Money price) {}
