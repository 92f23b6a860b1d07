/** What the demo class calls itself when it is set up, before the day it is laid around. */
export const DEMO_CLASS = 'demo-';
