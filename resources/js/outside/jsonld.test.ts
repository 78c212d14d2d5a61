import { execFileSync } from 'node:child_process';
import { readdirSync } from 'node:fs';
import { resolve } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

/** What the definitions of schema.org (npm schema-dts, made from them) have against an object taken for a Recipe. */
function against(recipe: string): string[] {
    const name = resolve('resources/js/outside/taken.ts');
    const source = `import type { Recipe, WithContext } from 'schema-dts';\nexport const taken: WithContext<Recipe> = ${recipe};\n`;
    const options: ts.CompilerOptions = { strict: true, noEmit: true, skipLibCheck: true, moduleResolution: ts.ModuleResolutionKind.Bundler, module: ts.ModuleKind.ESNext, target: ts.ScriptTarget.ES2022, types: [] };
    const plain = ts.createCompilerHost(options);
    const host: ts.CompilerHost = {
        ...plain,
        getSourceFile: (file, ...rest) => (file === name ? ts.createSourceFile(name, source, ts.ScriptTarget.ES2022) : plain.getSourceFile(file, ...rest)),
        fileExists: (file) => file === name || plain.fileExists(file),
        readFile: (file) => (file === name ? source : plain.readFile(file)),
    };
    const program = ts.createProgram([name], options, host);
    return ts.getPreEmitDiagnostics(program, program.getSourceFile(name)).map((one) => ts.flattenDiagnosticMessageText(one.messageText, ' '));
}

const converted = (file: string) => execFileSync('php', ['artisan', 'formula:convert', file, '--to=jsonld'], { encoding: 'utf8' });

describe('a recipe for the web', () => {
    it('is one by the definitions of schema.org themselves', () => {
        const all = readdirSync('core/data/demo').filter((file) => file.endsWith('.txt')).slice(0, 3).map((file) => converted(`core/data/demo/${file}`));
        for (const text of all) {
            const recipe = JSON.parse(text) as Record<string, unknown>;
            expect(recipe['@type']).toBe('Recipe');
            expect(against(text)).toEqual([]);
        }
    }, 120_000);
    it('would be told where it were none', () => {
        expect(against('{"@context": "https://schema.org", "@type": "Recipe", "recipeIngredients": ["2 eggs"]}').join(' ')).toContain('recipeIngredients');
        expect(against('{"@context": "https://schema.org", "@type": "Recipe", "suitableForDiet": "https://schema.org/MoonDiet"}')).not.toEqual([]);
    }, 60_000);
});
