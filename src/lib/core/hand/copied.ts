import type { Part, Run, State, Tail } from './state';

// Field by field: a spread of a record costs ten times as much, and a state has thousands of them.
const copyRun = (r: Run): Run => ({
  id: r.id,
  part: r.part,
  run: r.run,
  side: r.side,
  lo: r.lo,
  hi: r.hi,
  unit: r.unit,
  mm: r.mm,
  row: r.row,
  up: r.up,
  hold: r.hold,
  waste: r.waste,
  separator: r.separator,
  cut: r.cut
});
const copyTail = (t: Tail): Tail => ({
  id: t.id,
  part: t.part,
  yarn: t.yarn,
  mm: t.mm,
  usedMm: t.usedMm,
  pin: t.pin,
  from: t.from,
  where: t.where,
  half: t.half,
  face: t.face,
  fate: t.fate,
  times: t.times
});
const copyPart = (p: Part): Part => ({
  id: p.id,
  runs: p.runs.slice(),
  tails: p.tails.slice(),
  piece: p.piece,
  copy: p.copy,
  times: p.times,
  body: p.body,
  form: p.form,
  layers: p.layers,
  surface: p.surface,
  lifted: p.lifted,
  ran: p.ran,
  filled: p.filled,
  floats: p.floats,
  pouch: p.pouch,
  linked: p.linked,
  twisted: p.twisted,
  brim: p.brim,
  channel: p.channel,
  adorned: { ...p.adorned }
});

/** A state of its own: records are copied one level deep, which is as deep as they change. */
export const copied = (s: State): State => ({
  parts: s.parts.map(copyPart),
  ofPiece: s.ofPiece,
  runs: s.runs.map(copyRun),
  surfaces: s.surfaces.map((f) => ({ chi: f.chi, rims: f.rims.map((rim) => rim.slice()), gone: f.gone })),
  tails: s.tails.map(copyTail),
  seams: s.seams.slice(),
  cuts: s.cuts.slice(),
  cords: s.cords.slice()
});
