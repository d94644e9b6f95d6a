package reliqua.core.stock;

/**
 * What a lot in the heap is made of and how big it is. Every kind the heap can hold is listed here.
 */
public sealed interface Material
        permits Stick, Sheet, Roofing, Mesh, Pole, Pallet, FoundPart, Block, Hardware {}
