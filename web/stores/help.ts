import { defineStore } from 'pinia';
import { ref } from 'vue';

/** Is the sheet open that says what a screen is for? */
export const useHelpStore = defineStore('help', () => ({ isOpen: ref(false) }));
