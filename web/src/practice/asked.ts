/** The question and what to do, by which a field for the answer is described. */
export const askedId = 'asked';
export const taskId = 'asked-task';
export const describedBy = `${askedId} ${taskId}`;
