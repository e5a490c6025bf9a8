export { costOf, faultsOf, metresOf } from './check';
export { answerOf, type LeftoverModel, type Model, modelOf, unlike, valuesOf } from './model';
export { type Answer, type LeftoverProblem, rowsOf } from './problem';
export { firstAnswer } from './start';
export { type LeftoverProject, problemOf } from './ask';
