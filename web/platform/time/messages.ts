import { message } from '@cadre/web/platform/i18n';

// format
export const todayTime = message('today {time}');
export const yesterdayTime = message('yesterday {time}');
export const tomorrowTime = message('tomorrow {time}');
export const minutesMin = message('{minutes} min');
export const minutesMin2 = message(' {minutes} min');
export const dayCount = message('{minutes, plural, one {# day} other {# days}}');
export const inSpan = message('in {span}');
export const spanAgo = message('{span} ago');
