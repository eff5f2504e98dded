import { ref } from 'vue';

/** Whether help stands beside the pages. It stays from page to page, so that a home can be walked through with it. */
export const isHelping = ref(false);
