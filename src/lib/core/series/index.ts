export { ballEnds } from './ball-ends';
export { type DrawnUp, drawUp, placesToColour, type SizeWanted } from './draw-up';
export { doneOn, type Evening, evenings } from './evenings';
export { shoppingList, type ShoppingLine } from './shopping';
