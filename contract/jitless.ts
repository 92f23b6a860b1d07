import { z } from 'zod';

// Zod would otherwise try whether it may compile code from text, which the page's content policy reports as an attack.
z.config({ jitless: true });
