import DOMPurify from 'dompurify';
import katex from 'katex';
import 'katex/dist/katex.min.css';
import MarkdownIt from 'markdown-it';
import texmath from 'markdown-it-texmath';

/** What a question needs and no more: emphasis, code, lists, line breaks, formulas between dollar signs. */
const markdown = new MarkdownIt('zero', { html: false, breaks: true })
  .enable(['emphasis', 'strikethrough', 'backticks', 'escape', 'list', 'newline'])
  .use(texmath, {
    engine: katex,
    delimiters: 'dollars',
    katexOptions: { throwOnError: false, trust: false },
  });

/** Small Markdown as clean HTML: `inline` without paragraphs and lists, for options. */
export function render(text: string, inline: boolean): string {
  const html = (inline ? markdown.renderInline(text) : markdown.render(text))
    // A comma after a formula stays on its line; one of several parts has its own places to break.
    .replace(/<eq>((?:(?!<\/eq>).)*)<\/eq>([.,;:!?)\]»”]+)/gsu, (whole, formula: string, mark: string) =>
      formula.split('base">').length === 2 ? `<span class="tied">${formula}${mark}</span>` : whole,
    );
  // KaTeX writes MathML for screen readers; its source annotation belongs inside it.
  return DOMPurify.sanitize(html, {
    // Roots, arrows and wide accents are drawn as SVG inside the formula.
    USE_PROFILES: { html: true, mathMl: true },
    ADD_TAGS: ['semantics', 'annotation', 'svg', 'path', 'line'],
    ADD_ATTR: ['viewBox', 'preserveAspectRatio', 'd', 'x1', 'x2', 'y1', 'y2', 'stroke-width'],
    FORBID_TAGS: ['a', 'img', 'form', 'input', 'style'],
  });
}
