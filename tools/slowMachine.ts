import { jest } from '@jest/globals';

// A browser, a server, a flush to a busy disk: each may take seconds where much else runs. A test that hangs still ends.
jest.setTimeout(120_000);
