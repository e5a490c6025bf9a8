import { word, type WordEntry } from './entry';

/** The fabric and how it is measured (craft 4, 5). */
export const fabricWords: readonly WordEntry[] = [
  word('stitch', 'Stitch', ['stitch', 'stitches'], (v) => `One loop of the fabric; each ${v.terms.pin} makes one in every ${v.terms.row}.`, { of: 'moment', kind: 'waistcoat', code: 'back' }), // prettier-ignore
  word('loop', 'Loop', ['loop', 'loops'], (v) => `A stitch as it sits on its ${v.terms.pin}, with the next one still to come.`, { of: 'moment', kind: 'brim-hat', code: 'lift' }), // prettier-ignore
  word('tube', 'Tube', ['tube', 'tubes'], 'What the ring knits in TUBE mode: closed all round, as wide everywhere.', { of: 'tube', kind: 'scarf' }), // prettier-ignore
  word('panel', 'Panel', ['panel', 'panels'], 'A flat piece, knitted to and fro. Its edges curl until it is blocked or seamed.', { of: 'finished', kind: 'panel' }), // prettier-ignore
  word('knit-side', 'Knit side', ['knit side', 'right side'], 'The smooth face with small V shapes. On the machine it looks outwards.', { of: 'finished', kind: 'lined-hat' }), // prettier-ignore
  word('purl-side', 'Purl side', ['purl side', 'wrong side'], 'The bumpy face. On the machine it looks into the middle of the ring.', { of: 'moment', kind: 'waistcoat', code: 'back' }), // prettier-ignore
  word('edge-stitch', 'Edge stitch', ['edge stitch', 'edge stitches', 'edge loop', 'edge loops'], 'The last stitch of a row of a panel. It works loose if it rises: push it down, with a light pull.', { of: 'moment', kind: 'waistcoat', code: 'flick' }), // prettier-ignore
  word('column', 'Column of stitches', ['wale', 'wales', 'column', 'columns'], (v) => `All stitches of one ${v.terms.pin}, one above the other. Stitches to a centimetre are counted across them.`, { of: 'moment', kind: 'wide-panel', code: 'cards' }), // prettier-ignore
  word('gauge', 'Gauge', ['gauge'], 'How many rows and stitches make a centimetre: of one machine, yarn, tension hole and hand. Measured on a swatch or learned from finished pieces.', { of: 'act', kind: 'lined-hat', do: 'rest' }), // prettier-ignore
  word('swatch', 'Swatch', ['swatch', 'swatches'], 'A trial piece that is measured before the real one is planned.', { of: 'act', kind: 'free-tube', do: 'rest' }), // prettier-ignore
  word('strand', 'Strand', ['strand', 'strands'], 'One thread of yarn. Two thin ones held together knit as a thicker one.', { of: 'moment', kind: 'panel', code: 'slack' }), // prettier-ignore
  word('ladder', 'Ladder', ['ladder', 'ladders', 'rung', 'rungs'], 'Bare rungs where a stitch was dropped or run down, or where a loose edge pulls. It can be latched up with a hook.', { of: 'act', kind: 'wrap', do: 'runDown' }), // prettier-ignore
  word('latch', 'Latch up', ['latch', 'latched up', 'latch up', 'latching'], 'With a hook each rung is pulled through the loop below, until the column stands again.', { of: 'act', kind: 'wide-panel', do: 'latch' }), // prettier-ignore
  word('float', 'Float', ['float', 'floats', 'card', 'cards'], 'Yarn laid loosely round a card between two pins, row by row. Latched up afterwards it becomes columns, and the panel wider than the ring.', { of: 'moment', kind: 'wide-panel', code: 'roundCard' }), // prettier-ignore
  word('stretch', 'Stretch', ['stretch', 'stretched'], 'How much wider the fabric is worn than it lies. A hat that is stretched by half sits snug.', { of: 'finished', kind: 'band-hat' }), // prettier-ignore
  word('section', 'Section', ['section', 'sections', 'stripe', 'stripes'], 'A run of rows in one yarn.', { of: 'tube', kind: 'free-tube' }) // prettier-ignore
];
