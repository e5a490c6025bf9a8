import { planText } from './plan-text';

/** What a thread of the server does with one request. */
export default planText;
