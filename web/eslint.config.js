import prettier from '@vue/eslint-config-prettier'
import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'
import vue from 'eslint-plugin-vue'

const COLOUR = 'Literal[value=/^(#[0-9a-f]{3,8}$|(rgb|hsl)a?\\()/i]'
const NAMED = 'Give the colour a name in src/style/tokens.css.'

export default defineConfigWithVueTs(
  { ignores: ['dist/**', 'target/**', 'src/api/generated/**', 'src/components.d.ts'] },
  vue.configs['flat/recommended'],
  vueTsConfigs.recommended,
  prettier,
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      'vue/multi-word-component-names': 'off',
      'no-restricted-syntax': ['error', { selector: COLOUR, message: NAMED }],
      'vue/no-restricted-syntax': [
        'error',
        { selector: `VElement ${COLOUR}`, message: NAMED },
        { selector: 'VLiteral[value=/^#[0-9a-f]{3,8}$/i]', message: NAMED },
      ],
    },
  },
  // The colour of a cloth is reckoned from its hue and depth: data, not a look.
  { files: ['src/cloth/colour.ts', '**/*.spec.ts'], rules: { 'no-restricted-syntax': 'off' } },
)
