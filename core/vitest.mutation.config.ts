import { defineProject } from 'vitest/config';

/**
 * The worked examples, without the slow properties: what a mutant of the core is
 * held against. A mutant that lives here may still fall to a property.
 */
export default defineProject({
  test: {
    name: 'core',
    include: ['core/src/**/*.test.ts'],
    exclude: ['core/src/{lay-out,history}.test.ts', 'core/src/paces/properties.test.ts'],
    isolate: false,
  },
});
