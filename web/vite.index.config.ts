import { defineConfig } from 'vite';
import { shared } from './vite.shared.ts';

export default defineConfig(shared('index'));
