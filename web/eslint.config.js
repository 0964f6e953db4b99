import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

/** Units that the house chooses; and figures whose decimal sign it chooses. */
const UNITS = String.raw`/(^|[\d\s}>(])(mm|cm²|in²|m²|kPa|psi|kg|lbf?|kN.m|m\/s)([\s.,;:)<]|$)/`;
/** The same where they stand as the unit of a field, alone or behind a stroke. */
const FIELD_UNIT = String.raw`/(^|\/)(mm|cm|m|in|ft|cm²|in²|m²|ft²|cm³|in³|ft³|l|g|kg|lbf?|kPa|psi|N|N m)(\/|$)/`;
const BY_THE_HOUSE = 'Figures and units are written in lib/units.ts, in the ways of the house.';

export default ts.config(
  { ignores: ['dist/', 'target/', 'src/lib/api/schema.d.ts'] },
  ...ts.configs.recommended,
  ...svelte.configs.recommended,
  prettier,
  ...svelte.configs.prettier,
  { languageOptions: { globals: { ...globals.browser } }, rules: { 'no-undef': 'off' } },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { extraFileExtensions: ['.svelte'], parser: ts.parser, svelteConfig } },
    // ESLint reads $state wrongly in rune modules.
    rules: { 'no-useless-assignment': 'off', 'svelte/prefer-svelte-reactivity': 'off' }
  },
  {
    files: ['**/*.svelte'],
    rules: {
      'no-restricted-syntax': [
        'error',
        { selector: "MemberExpression[property.name='toFixed']", message: BY_THE_HOUSE },
        { selector: "MemberExpression[property.name='toPrecision']", message: BY_THE_HOUSE },
        { selector: `:not(SvelteStyleElement) > SvelteText[value=${UNITS}]`, message: BY_THE_HOUSE },
        { selector: `TemplateElement[value.raw=${UNITS}]`, message: BY_THE_HOUSE },
        { selector: `SvelteAttribute[key.name='unit'] > SvelteLiteral[value=${FIELD_UNIT}]`, message: BY_THE_HOUSE },
        { selector: 'Literal[value=/^(kPa|psi|cm²|in²|m²|m\\/s|lbf|l)$/]', message: BY_THE_HOUSE },
        { selector: `Property[key.name='unit'] > Literal[value=${FIELD_UNIT}]`, message: BY_THE_HOUSE }
      ]
    }
  }
);
