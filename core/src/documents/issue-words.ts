import { z } from 'zod';

type Issue = Parameters<z.core.$ZodErrorMap>[0];

const kindWords: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'yes or no',
  array: 'a list',
  object: 'an object with fields',
};

const kindOf = (kind: string): string => kindWords[kind] ?? `a ${kind}`;

function smallWords({ origin, minimum, inclusive }: z.core.$ZodRawIssue<z.core.$ZodIssueTooSmall>): string {
  if (origin === 'string')
    return Number(minimum) <= 1 ? 'this cannot be empty' : `at least ${minimum} letters`;
  if (origin === 'array' || origin === 'set') return `at least ${minimum} of these`;
  return inclusive === false ? `more than ${minimum}` : `${minimum} or more`;
}

function bigWords({ origin, maximum, inclusive }: z.core.$ZodRawIssue<z.core.$ZodIssueTooBig>): string {
  if (origin === 'string') return `at most ${maximum} letters`;
  if (origin === 'array' || origin === 'set') return `at most ${maximum} of these`;
  return inclusive === false ? `less than ${maximum}` : `${maximum} or less`;
}

/**
 * What is wrong with a value, in words that fit behind the name of its field; a rule with words of its own keeps them.
 *
 * @example issueWords({ code: 'too_big', origin: 'number', maximum: 500, input: 600 })   // '500 or less'
 */
export function issueWords(issue: Issue): string {
  switch (issue.code) {
    case 'invalid_type':
      return issue.input === undefined
        ? 'this is missing'
        : `this has to be ${kindOf(String((issue as z.core.$ZodRawIssue<z.core.$ZodIssueInvalidType>).expected))}`;
    case 'too_small':
      return smallWords(issue as z.core.$ZodRawIssue<z.core.$ZodIssueTooSmall>);
    case 'too_big':
      return bigWords(issue as z.core.$ZodRawIssue<z.core.$ZodIssueTooBig>);
    case 'invalid_value': {
      const { values } = issue as z.core.$ZodRawIssue<z.core.$ZodIssueInvalidValue>;
      const told = values.slice(0, 8).map(String).join(', ');
      return values.length === 1
        ? `this has to be ${told}`
        : `one of ${told}${values.length > 8 ? ' …' : ''}`;
    }
    case 'unrecognized_keys':
      return `nothing is known here by the name ${(issue as z.core.$ZodRawIssue<z.core.$ZodIssueUnrecognizedKeys>).keys.join(', ')}`;
    case 'not_multiple_of':
      return `a multiple of ${(issue as z.core.$ZodRawIssue<z.core.$ZodIssueNotMultipleOf>).divisor}`;
    case 'invalid_format':
      return 'this is not in the form it has to have';
    default:
      return 'this is none of the things that can stand here';
  }
}

/** From here on every check says what is wrong in these words. */
export const speakPlainly = (): void => void z.config({ customError: issueWords });
