declare module '@php-wasm/web-8-2' {
  import type { PHPLoaderModule } from '@php-wasm/universal';

  /** PHP 8.2 as WebAssembly, in the form this browser runs best. */
  export function getPHPLoaderModule(): Promise<PHPLoaderModule>;
}
