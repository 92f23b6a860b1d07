import { jest } from '@jest/globals';

// A browser and a server start in a few seconds; on a busy machine in more.
jest.setTimeout(120_000);
