import js from '@eslint/js'
import vue from 'eslint-plugin-vue'
import typescript from 'typescript-eslint'

export default typescript.config(
  { ignores: ['**/dist/**', '**/wwwroot/**', '**/bin/**', '**/obj/**', 'src/app/src/api/schema.d.ts'] },
  js.configs.recommended,
  ...typescript.configs.recommended,
  ...vue.configs['flat/essential'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: typescript.parser } } },
  { files: ['**/*.{ts,vue}'], rules: { 'no-undef': 'off', '@typescript-eslint/no-unused-expressions': 'off', 'vue/multi-word-component-names': 'off' } },
)
