import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import typescript from 'typescript-eslint';

export default typescript.config(
    { ignores: ['**/*.gen.ts', '**/*.d.ts', 'public/**', 'vendor/**'] },
    js.configs.recommended,
    typescript.configs.recommended,
    vue.configs['flat/recommended'],
    {
        files: ['**/*.vue'],
        languageOptions: { parserOptions: { parser: typescript.parser } },
    },
    {
        rules: {
            'no-undef': 'off',
            'vue/multi-word-component-names': 'off',
            'vue/require-default-prop': 'off',
        },
    },
    prettier,
);
