/** The typed line: what it says, and the line of a session that comes of it. */
export {
  readTypedLine,
  type ReadingHelp,
  type Stretch,
  type TypedLine,
  type Understood,
} from './reading/read-line';
export { keepingUnknown, lineFromTyped } from './from-typed';
