export { bakedOf, runBaked, standing, type Baked, type BakedRun, type BakedShop } from './baked';
export { changeOneThing, wantedWay, type Change } from './change-one';
export { explain, type Explained } from './explain';
export { compareLots, type ComparedLots, type LotFigure } from './lots';
export type { ComparedRun } from './lot-figures';
export { THINGS, type ThingKey, type ThingUnit } from './things';
export { bakedWords, type PartedWords, type WordThing } from './in-words';
