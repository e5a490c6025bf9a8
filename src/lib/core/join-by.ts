import type { Brief, Plan } from './plan';

/** How the tails of a join end, by the brief; knotted where its kind does not ask. */
export const joinBy = ({ options }: Pick<Brief, 'options'>): 'knot' | 'weave' | 'machine' =>
  options.joinBy === 'weave' || options.joinBy === 'machine' ? options.joinBy : 'knot';

/** A plan whose joins are tied at the machine, where the brief says so. */
export const tiedWhere = (plan: Plan, brief: Pick<Brief, 'options'>): Plan =>
  joinBy(brief) === 'machine'
    ? { ...plan, pieces: plan.pieces.map((piece) => ({ ...piece, tiedAtMachine: true })) }
    : plan;
