import { configure } from '@testing-library/dom';

// a busy machine is no fault of what is tested
configure({ asyncUtilTimeout: 10_000 });
