export { measureOf, MEASURES, SIZE_TABLES, type Measure, type SizeTable } from './measures';
export { HEAD_SIZES, type HeadSize } from './head-sizes';
export { girthAt, headFit, linedRows, SNUG_STRETCH, WILL_NOT_GO, type HeadFit, type Knitted } from './headfit';
