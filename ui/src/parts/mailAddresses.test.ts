// @vitest-environment node
import { expect, it } from 'vitest';
import { mailAddresses } from './mailAddresses';

it.each([
  ['Ada@Ashlatch.example', ['ada@ashlatch.example']],
  [
    'a@x.example, b@x.example;c@x.example  d@x.example',
    ['a@x.example', 'b@x.example', 'c@x.example', 'd@x.example']
  ],
  [' , ; ', []]
])('reads “%s”', (typed, addresses) => {
  expect(mailAddresses(typed)).toEqual(addresses);
});
