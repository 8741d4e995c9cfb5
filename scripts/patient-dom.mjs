import { configure } from '@testing-library/dom';

// What a screen shows comes or does not; a machine busy with other work only makes it later.
configure({ asyncUtilTimeout: 30_000 });
