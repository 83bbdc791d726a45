declare module 'markdown-it-texmath' {
  import type { PluginWithOptions } from 'markdown-it';
  const texmath: PluginWithOptions<{ engine: unknown; delimiters: string; katexOptions: object }>;
  export default texmath;
}
