import type { Enquiry } from '../../api/client';
import { answer } from '../enquiries/enquiries.svelte';
import type { DiaryView } from './diary.svelte';

/** What a message already says of the appointment it asks for. */
export interface Given {
  name: string;
  email: string;
  telephone: string;
  place: string;
  service?: string;
}

/** Reads it out of a message; the service where the message names one that can be booked. */
export function given(enquiry: Enquiry, services: DiaryView['services']): Given {
  const reach = enquiry.person?.reach ?? '';
  const mail = enquiry.person?.mail ?? false;
  const named = answer(enquiry, 'service').toLowerCase();
  const service = services.find((each) => each.name.toLowerCase() === named)?.id;
  return {
    name: answer(enquiry, 'name'),
    email: answer(enquiry, 'email') || (mail ? reach : ''),
    telephone: answer(enquiry, 'telephone') || (mail ? '' : reach),
    place: answer(enquiry, 'place'),
    ...(service ? { service } : {})
  };
}
