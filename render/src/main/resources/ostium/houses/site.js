/* The page works without this. It says whether the business is open now, and sends the form without leaving. */
(() => {
  const table = JSON.parse(document.getElementById('timetable').textContent);
  const names = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

  const clock = (minutes) => {
    const hour = Math.floor((minutes % 1440) / 60);
    const minute = minutes % 60;
    return `${hour % 12 || 12}${minute ? ':' + String(minute).padStart(2, '0') : ''}${hour < 12 ? 'am' : 'pm'}`;
  };

  const now = () => {
    const parts = new Intl.DateTimeFormat('en-GB', {
      timeZone: table.zone, weekday: 'short', year: 'numeric', month: '2-digit', day: '2-digit', hour: '2-digit', minute: '2-digit', hourCycle: 'h23'
    }).formatToParts(new Date());
    const part = (type) => parts.find((p) => p.type === type).value;
    const date = Date.UTC(Number(part('year')), Number(part('month')) - 1, Number(part('day')));
    return { day: names.indexOf(part('weekday')), date, minute: Number(part('hour')) * 60 + Number(part('minute')) };
  };

  /* The hours of a day that is so many days from today: its own, or those of the week. */
  const spansOf = ({ day, date }, ahead) => {
    const key = new Date(date + ahead * 86400000).toISOString().slice(0, 10);
    return table.dates[key] || table.days[(day + ahead + 7) % 7];
  };

  const say = () => {
    const today = now();
    const { day, minute } = today;
    for (const back of [0, 1]) {
      const open = spansOf(today, -back).find(
        ([from, to]) => minute + back * 1440 >= from && minute + back * 1440 < to
      );
      if (open) return open[1] - open[0] >= 1440 ? 'Open now' : `Open now, until ${clock(open[1])}`;
    }
    for (let ahead = 0; ahead < 60; ahead++) {
      const next = spansOf(today, ahead).find(([from]) => ahead > 0 || from > minute);
      if (next) {
        const when =
          ahead === 0
            ? 'today'
            : ahead === 1
              ? 'tomorrow'
              : ahead < 7
                ? names[(day + ahead) % 7]
                : new Date(today.date + ahead * 86400000).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });
        return `Closed now. Open ${when} from ${clock(next[0])}`;
      }
    }
    return '';
  };

  const tell = () => {
    document.querySelectorAll('[data-now]').forEach((place) => {
      const words = table.days.length ? say() : '';
      place.hidden = !words;
      place.textContent = words;
      place.classList.toggle('is-open', words.startsWith('Open'));
    });
  };
  tell();
  setInterval(tell, 30000);
  document.addEventListener('page-changed', tell);

  document.addEventListener('submit', async (event) => {
    const form = event.target.closest('[data-enquiry]');
    if (!form || form.action.startsWith('mailto:')) return;
    event.preventDefault();
    const button = form.querySelector('.send');
    const submission = form.elements.submission;
    submission.value = submission.value || (crypto.randomUUID ? crypto.randomUUID() : String(Math.random()).slice(2));
    button.disabled = true;
    try {
      const answer = await fetch(form.action, {
        method: 'POST',
        headers: { Accept: 'application/json' },
        body: new URLSearchParams(new FormData(form))
      });
      const body = await answer.json();
      const faults = body.faults || {};
      let first;
      form.querySelectorAll('.fault').forEach((place) => {
        const field = form.elements[place.id.slice(2, -6)];
        const fault = faults[field.name];
        place.hidden = !fault;
        place.textContent = fault || '';
        place.closest('.fld').classList.toggle('bad', !!fault);
        if (fault) field.setAttribute('aria-invalid', 'true');
        else field.removeAttribute('aria-invalid');
        if (fault) field.setAttribute('aria-describedby', place.id);
        first = first || (fault && field);
      });
      if (answer.ok) {
        form.classList.add('is-sent');
        form.querySelector('.sent').hidden = false;
        form.querySelector('.sent').scrollIntoView({ block: 'nearest' });
      } else if (first) {
        first.focus();
      } else {
        form.submit();
      }
    } catch {
      form.submit();
    } finally {
      button.disabled = false;
    }
  });
})();
