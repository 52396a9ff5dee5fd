export { sayBlocking } from './blocking';
export { ISSUE_WORDS, sayIssue } from './issues';
