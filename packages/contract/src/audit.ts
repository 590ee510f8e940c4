/** What staff did to people, marks and lessons, for the head of department. */

/** Everything that is kept in the trail, with its words. */
export const auditActions = {
  'staff-added': 'added a member of staff',
  'staff-locked': 'locked an account',
  'staff-unlocked': 'unlocked an account',
  'staff-role': 'changed a role',
  'staff-removed': 'removed a member of staff',
  'password-reset': 'set a new password for somebody',
  'password-changed': 'changed their own password',
  'second-factor-on': 'switched their second factor on',
  'second-factor-off': 'switched a second factor off',
  'sessions-ended': 'ended sessions',
  'class-made': 'made a class',
  'students-added': 'added students',
  'student-renamed': 'renamed a student',
  'student-left': 'took a student out of a class',
  'pins-made': 'made new PINs',
  'student-unlocked': 'let a student try their PIN again',
  'lesson-made': 'made a lesson',
  'lesson-changed': 'changed a lesson',
  'lesson-removed': 'removed a lesson',
  'lesson-state': 'moved a lesson on',
  'lesson-dealt': 'dealt the jars anew',
  'seat-changed': 'seated a student',
  'late-taken': 'took late entries in',
  'class-stopped': 'stopped the class',
  'incident-logged': 'logged an incident',
  'incident-changed': 'changed an incident',
  'late-left-out': 'left late entries out',
  'mark-changed': 'changed a mark',
  'scheme-changed': 'changed a mark scheme',
  'rule-made': 'made a rule of an answer',
  'rule-undone': 'took a rule back',
  'gradebook-agreed': 'agreed to a mark of the gradebook',
  'gradebook-own': 'put a mark back to our own',
  'marks-sent': 'sent marks to the gradebook',
  'marks-given': 'gave marks out',
  'marks-withdrawn': 'took marks back',
  'absence-set': 'noted an absence',
  'retention-set': 'set how long names are kept',
  'class-erased': 'erased a class',
  'held-corrected': 'corrected what a sample held',
  'second-marking': 'asked for a second marking',
  'slips-agreed': 'agreed how often classes slip',
} as const;
export type AuditAction = keyof typeof auditActions;

export interface AuditEntry {
  readonly id: string;
  /** ISO 8601. */
  readonly at: string;
  readonly by: string;
  readonly action: AuditAction;
  readonly about: string;
}
