/** What is clipped to a cable or worn for a lift. */
export const attachments = ['rope', 'single handles', 'straight bar', 'lifting belt'] as const;
export type Attachment = (typeof attachments)[number];
export const attachmentNames: Record<Attachment, string> = {
  rope: 'a rope',
  'single handles': 'single handles',
  'straight bar': 'a straight bar for the cable',
  'lifting belt': 'a lifting belt',
};
