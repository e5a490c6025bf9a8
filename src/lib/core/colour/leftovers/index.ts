export { type AnswerFault, costOf, faultsOf, metresOf } from './check';
export { answerOf, type LeftoverModel, type Model, modelOf, unlike, valuesOf } from './model';
export {
  type Answer,
  type Laid,
  type Left,
  type LeftoverPiece,
  type LeftoverProblem,
  rowsOf,
  type Zone
} from './problem';
export { firstAnswer } from './start';
export { type LeftoverProject, type LeftoverWish, problemOf } from './ask';
