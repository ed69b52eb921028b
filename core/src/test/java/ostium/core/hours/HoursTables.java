package ostium.core.hours;

/** Hours as people type them, and what they become: one a line, columns apart by bars; ! is refused, ? is asked. */
final class HoursTables {
    private HoursTables() {}

    static final String WEEKS = """
            # language | typed | opening_hours it means; or ! and words of the reason; or ? and words of the question
            en | Mon-Fri 9-5:30, Sat 10–2, closed Sun | Mo-Fr 09:00-17:30; Sa 10:00-14:00; Su off
            en | Mon-Fri 9-5:30, Sat 10-2 | Mo-Fr 09:00-17:30; Sa 10:00-14:00; Su off
            en | weekdays 8am to 6pm | Mo-Fr 08:00-18:00; Sa,Su off
            en | Tue & Thu 9-12 and 13-17 | Mo off; Tu 09:00-12:00,13:00-17:00; We off; Th 09:00-12:00,13:00-17:00; Fr-Su off
            en | daily 7-22 | Mo-Su 07:00-22:00
            en | 24/7 | 24/7
            en | Open Mon, Wed; closed Tue, Thu; Fri 9-1 | ! What are the hours on
            en | Mon-Fri eight thirty to five fifteen | Mo-Fr 08:30-17:15; Sa,Su off
            en | Fri 18:00-01:00 | Mo-Th off; Fr 18:00-01:00; Sa,Su off
            en | Sat by appointment | Mo-Fr off; Sa "by appointment"; Su off
            en | Mon-Fri 9-5 | Mo-Fr 09:00-17:00; Sa,Su off
            en | Monday to Friday 9am - 5pm | Mo-Fr 09:00-17:00; Sa,Su off
            en | Monday - Friday: 9.00am - 5.30pm | Mo-Fr 09:00-17:30; Sa,Su off
            en | Mon - Fri 09:00 - 17:00 | Mo-Fr 09:00-17:00; Sa,Su off
            en | MON-FRI 9-5 | Mo-Fr 09:00-17:00; Sa,Su off
            en | Mo-Fr 09:00-17:00 | Mo-Fr 09:00-17:00; Sa,Su off
            en | M-F 9-5 | Mo-Fr 09:00-17:00; Sa,Su off
            en | mon,tue,wed 9-5 | Mo-We 09:00-17:00; Th-Su off
            en | Mon Tue Wed 9-5 | Mo-We 09:00-17:00; Th-Su off
            en | Mon/Wed/Fri 8-12 | Mo 08:00-12:00; Tu off; We 08:00-12:00; Th off; Fr 08:00-12:00; Sa,Su off
            en | Mon and Wed 10-4 | Mo 10:00-16:00; Tu off; We 10:00-16:00; Th-Su off
            en | Sat-Mon 10-4 | Mo 10:00-16:00; Tu-Fr off; Sa,Su 10:00-16:00
            en | weekends 10-4 | Mo-Fr off; Sa,Su 10:00-16:00
            en | every day 8-6 | Mo-Su 08:00-18:00
            en | 7 days a week 8-6 | Mo-Su 08:00-18:00
            en | seven days 8am-6pm | Mo-Su 08:00-18:00
            en | open daily 9-9:30 | Mo-Su 09:00-09:30
            en | daily 9am-9pm | Mo-Su 09:00-21:00
            en | Mon-Fri 8-12 | Mo-Fr 08:00-12:00; Sa,Su off
            en | Mon-Fri 10-2 | Mo-Fr 10:00-14:00; Sa,Su off
            en | Mon-Fri 9-1, 2-5:30 | Mo-Fr 09:00-13:00,14:00-17:30; Sa,Su off
            en | Mon-Fri 9-12 & 1-5 | Mo-Fr 09:00-12:00,13:00-17:00; Sa,Su off
            en | Mon-Fri 9-12, 14-18 | Mo-Fr 09:00-12:00,14:00-18:00; Sa,Su off
            en | Mon 9-5; Tue 9-5; Wed 9-1 | Mo,Tu 09:00-17:00; We 09:00-13:00; Th-Su off
            en | Mon-Fri 9-5, Wed 9-1 | Mo,Tu 09:00-17:00; We 09:00-13:00; Th,Fr 09:00-17:00; Sa,Su off
            en | closed Mondays, Tue-Sat 10-6 | Mo off; Tu-Sa 10:00-18:00; Su off
            en | Tue–Fri 10–6, Sat 10–2, Sun & Mon closed | Mo off; Tu-Fr 10:00-18:00; Sa 10:00-14:00; Su off
            en | Mon closed, Tue-Sun 11-7 | Mo off; Tu-Su 11:00-19:00
            en | 9-5 Mon to Fri | Mo-Fr 09:00-17:00; Sa,Su off
            en | 9-5 Mon-Fri, 10-2 Sat | Mo-Fr 09:00-17:00; Sa 10:00-14:00; Su off
            en | 9am-5pm weekdays | Mo-Fr 09:00-17:00; Sa,Su off
            en | We're open Mon-Fri from 9 to 5 | Mo-Fr 09:00-17:00; Sa,Su off
            en | Opening hours: Mon-Fri 9-5 | Mo-Fr 09:00-17:00; Sa,Su off
            en | Mon-Fri 0900-1730 | Mo-Fr 09:00-17:30; Sa,Su off
            en | Mon-Fri 0900-1730hrs | Mo-Fr 09:00-17:30; Sa,Su off
            en | Mon-Fri 9.30-17.30 | Mo-Fr 09:30-17:30; Sa,Su off
            en | Mon-Fri 8:30am to 12 noon | Mo-Fr 08:30-12:00; Sa,Su off
            en | Mon-Fri noon-8pm | Mo-Fr 12:00-20:00; Sa,Su off
            en | Fri 6pm to midnight | Mo-Th off; Fr 18:00-24:00; Sa,Su off
            en | Fri, Sat 10pm-4am | Mo-Th off; Fr,Sa 22:00-04:00; Su off
            en | Sat 12-4 | Mo-Fr off; Sa 12:00-16:00; Su off
            en | Sat 7am-7pm | Mo-Fr off; Sa 07:00-19:00; Su off
            en | Mon 24 hours | Mo 00:00-24:00; Tu-Su off
            en | 24 hours a day, 7 days a week | 24/7
            en | round the clock | 24/7
            en | Mon-Fri 9-5, by appointment on Sat | Mo-Fr 09:00-17:00; Sa "by appointment"; Su off
            en | by appointment only | Mo-Su "by appointment"
            en | Tues, Thurs 10-4 | Mo off; Tu 10:00-16:00; We off; Th 10:00-16:00; Fr-Su off
            en | Thur-Sat 10-4 | Mo-We off; Th-Sa 10:00-16:00; Su off
            en | Mondays 9-5 | Mo 09:00-17:00; Tu-Su off
            en | Mon. – Fri. 9 a.m. – 5 p.m. | Mo-Fr 09:00-17:00; Sa,Su off
            en | Mon-Thu 8-5, Fri 8-4 | Mo-Th 08:00-17:00; Fr 08:00-16:00; Sa,Su off
            en | Mon-Fri 9-5\\nSat 9-1 | Mo-Fr 09:00-17:00; Sa 09:00-13:00; Su off
            en | Mon 9-5\\nTue 9-5\\nWed closed\\nThu 9-5\\nFri 9-5 | Mo,Tu 09:00-17:00; We off; Th,Fr 09:00-17:00; Sa,Su off
            en | Monday: 9:00 AM–5:00 PM | Mo 09:00-17:00; Tu-Su off
            en | Mo-Fr 09:00-12:00,13:00-17:00; Sa 10:00-14:00; Su off | Mo-Fr 09:00-12:00,13:00-17:00; Sa 10:00-14:00; Su off
            en | Mon-Sun 9-5 | Mo-Su 09:00-17:00
            en | Mon–Fri, 9–5 | Mo-Fr 09:00-17:00; Sa,Su off
            en | Mon-Fri: 7.30 – 16.00 | Mo-Fr 07:30-16:00; Sa,Su off
            en | Mon-Fri 6-2 | Mo-Fr 06:00-14:00; Sa,Su off
            en | Mon-Fri 11-11 | ? Do you mean
            en | Sun 11am-3pm | Mo-Sa off; Su 11:00-15:00
            en | Mon-Sat 8-8 | ? Do you mean
            en | Mon-Fri 1-5 | ? Do you mean
            en | Tue 2-4 | ? Do you mean
            en | Mon 12-12 | ? Do you mean
            en | 9-5 | ? On which days
            en | 8am-6pm | ? On which days
            en | 9-25 | ! time of day
            en | Mon 9-25 | ! time of day
            en | Mon-Mon 8-8 | ! Name the last day
            en | 7 to late | ! “late”
            en | Mon-Fri 7 til late | ! “late”
            en | Mon-Fri | ! What are the hours
            en | Mon 9 | ! Until when
            en | Mon 9- | ! Until when
            en | Mon- | ! To which day
            en | Mon 13pm-5pm | ! mixes
            en | Mon 0pm-5pm | ! mixes
            en | Mon 9:75-17:00 | ! time of day
            en | Mon 9-5, 4-6 | ! overlap
            en | Mon 24:30-25:00 | ! time of day
            en | hello | ! “hello”
            en | - | ! nothing before
            en | Mon-Fri 9-5 except bank holidays | Mo-Fr 09:00-17:00; Sa,Su off
            en | weekdays-weekends 9-5 | ! from one day
            en | Mon-Fri dawn to dusk | ! “dawn”
            de | Mo-Fr 9-17 Uhr | Mo-Fr 09:00-17:00; Sa,Su off
            de | Mo–Fr 9–17:30, Sa 10–14 Uhr, So geschlossen | Mo-Fr 09:00-17:30; Sa 10:00-14:00; Su off
            de | Montag bis Freitag von 8 bis 12 und 13 bis 17 Uhr | Mo-Fr 08:00-12:00,13:00-17:00; Sa,Su off
            de | Di + Do 14-18 Uhr | Mo off; Tu 14:00-18:00; We off; Th 14:00-18:00; Fr-Su off
            de | werktags 8.00-18.00 Uhr | Mo-Fr 08:00-18:00; Sa,Su off
            de | täglich 7–22 Uhr | Mo-Su 07:00-22:00
            de | Mittwoch Ruhetag, Do-So 11-20 Uhr | Mo-We off; Th-Su 11:00-20:00
            de | Sa nach Vereinbarung | Mo-Fr off; Sa "by appointment"; Su off
            de | Dienstags 9-12 | Mo off; Tu 09:00-12:00; We-Su off
            de | Öffnungszeiten: Mo-Do 9:00-18:00, Fr 9:00-15:00 | Mo-Th 09:00-18:00; Fr 09:00-15:00; Sa,Su off
            de | am Wochenende 10-16 Uhr | Mo-Fr off; Sa,Su 10:00-16:00
            de | Sonnabend 9-13 Uhr | Mo-Fr off; Sa 09:00-13:00; Su off
            de | Mo-Fr 9-25 Uhr | ! time of day
            fr | Lun-Ven 9h-18h | Mo-Fr 09:00-18:00; Sa,Su off
            fr | du lundi au vendredi de 9h à 12h et de 14h à 18h30 | Mo-Fr 09:00-12:00,14:00-18:30; Sa,Su off
            fr | lundi - samedi : 8h30 - 19h | Mo-Sa 08:30-19:00; Su off
            fr | tous les jours de 7h à 22h | Mo-Su 07:00-22:00
            fr | mardi et jeudi 14h-18h | Mo off; Tu 14:00-18:00; We off; Th 14:00-18:00; Fr-Su off
            fr | L-V 9h00-17h00 | Mo-Fr 09:00-17:00; Sa,Su off
            fr | fermé le dimanche, lun-sam 10h-19h | Mo-Sa 10:00-19:00; Su off
            fr | samedi sur rendez-vous | Mo-Fr off; Sa "by appointment"; Su off
            fr | mer 9h-midi | Mo,Tu off; We 09:00-12:00; Th-Su off
            fr | ven 18h-1h | Mo-Th off; Fr 18:00-01:00; Sa,Su off
            fr | 24h/24 7j/7 | 24/7
            es | Lunes a viernes de 9 a 14 y de 16 a 20 | Mo-Fr 09:00-14:00,16:00-20:00; Sa,Su off
            es | L-V 9:00-18:00, S 10:00-14:00 | Mo-Fr 09:00-18:00; Sa 10:00-14:00; Su off
            es | de lunes a sábado de 10 a 20 h | Mo-Sa 10:00-20:00; Su off
            es | todos los días 8-22 | Mo-Su 08:00-22:00
            es | martes y jueves 16:00-19:00 | Mo off; Tu 16:00-19:00; We off; Th 16:00-19:00; Fr-Su off
            es | domingo cerrado, lun-sáb 9-21 | Mo-Sa 09:00-21:00; Su off
            es | miércoles 9-13 | Mo,Tu off; We 09:00-13:00; Th-Su off
            es | fines de semana 11-15 | Mo-Fr off; Sa,Su 11:00-15:00
            es | sábado con cita previa | Mo-Fr off; Sa "by appointment"; Su off
            en | Lun-Ven 9h-18h | Mo-Fr 09:00-18:00; Sa,Su off
            en | Montag bis Freitag 9-17 Uhr | Mo-Fr 09:00-17:00; Sa,Su off
            """;

    static final String SPECIAL = """
            # country | typed, on Wednesday 25 November 2026 | said back; or ! and words of the reason; or ? and words of the question
            GB | Thu 3 December closed, guild meeting | 3 Dec 2026 closed (guild meeting)
            GB | Thursday 3rd December: closed (guild meeting) | 3 Dec 2026 closed (guild meeting)
            GB | closed Thu 3 Dec for the guild meeting | 3 Dec 2026 closed (the guild meeting)
            GB | 3 Dec 2026 closed | 3 Dec 2026 closed
            GB | 2026-12-24 9-12 | 24 Dec 2026 9–12
            GB | 24/12/2026 9-12 | 24 Dec 2026 9–12
            US | 12/24/2026 9-12 | 24 Dec 2026 9–12
            GB | 24.12.2026 closed | 24 Dec 2026 closed
            GB | 24 Dec 2026 - 2 Jan 2027 closed | 24 Dec 2026–2 Jan 2027 closed
            GB | 24 Dec - 2 Jan 2027 closed, holidays | 24 Dec 2026–2 Jan 2027 closed (holidays)
            GB | 1-14 August 2027 closed | 1 Aug–14 Aug 2027 closed
            GB | 25 December closed every year | 25 Dec every year closed
            GB | Dec 25 every year closed | 25 Dec every year closed
            GB | Christmas Day closed | Christmas Day closed
            GB | Boxing Day 10-2 | Boxing Day 10–2
            GB | Easter Monday: closed | Easter Monday closed
            GB | closed Good Friday | Good Friday closed
            GB | bank holidays closed | public holidays closed
            US | Thanksgiving closed | Thanksgiving closed
            DE | Karfreitag geschlossen | Karfreitag closed
            DE | Feiertage geschlossen | public holidays closed
            DE | 24.12.2026 9-12 Uhr | 24 Dec 2026 9–12
            FR | jours fériés fermé | public holidays closed
            ES | festivos cerrado | public holidays closed
            GB | May-Sep: Mon-Sat 8-7 | May–Sep: Mon–Sat 8–7, Sun closed
            GB | Jun to Aug Mon-Fri 7-3 | Jun–Aug: Mon–Fri 7–3, Sat, Sun closed
            GB | January closed | Jan closed
            GB | Nov–Feb by appointment | Nov–Feb by appointment
            GB | 1 Jun - 31 Aug every year Mon-Fri 7-3 | Jun–Aug: Mon–Fri 7–3, Sat, Sun closed
            GB | 3 Dec 2026 9am-12 and 1pm-3pm | 3 Dec 2026 9–12 and 1–3
            GB | 25 Dec closed | ? every year
            GB | 24 Dec 9-12 | ? every year
            GB | Fri 3 December 2026 closed | ! is a Thursday
            GB | 31 February 2027 closed | ! no such day
            GB | 5 Jan 2027 - 3 Jan 2027 closed | ! before the first
            GB | 3 Dec 2026 | ! What are the hours
            GB | closed | ! Which day
            GB | sometime closed | ! Which day
            GB | 3 Dec 2026 9-25 | ! time of day
            GB | 3 Dec 2026 8-8 | ? Do you mean
            GB | From 1 June 2027 open 8-7 | ! Until which day
            GB | From 1 June to 31 August 2027 open 8-7 daily | 1 Jun–31 Aug 2027 8–7
            GB | 24 Dec 2026 9-1, then closed until 4 Jan 2027 | ! two days
            GB | Closed bank holidays except Good Friday | ! two days
            GB | Closed 8 Dec 2026 from 2pm | ! Part of a day
            GB | Closed Tuesday 8 Dec (am only) | ! Part of a day
            GB | Closed August bank holiday weekend | ! two days
            FR | fermé le 8 décembre 2026 après-midi | ! Which day
            GB | Closed from 24 December 2026 until 4 January 2027 inclusive | 24 Dec 2026–4 Jan 2027 closed
            GB | Closed Good Friday and Easter Monday | ! two days
            GB | Closed Good Friday, Easter Monday | ! two days
            GB | Closed Christmas Day and Christmas Eve | ! two days
            US | Closed July 4th and Thanksgiving | ! two days
            GB | closed 3 Dec 2026 for the guild meeting and the fair | 3 Dec 2026 closed (the guild meeting and the fair)
            GB | half term: closed 15-19 Feb 2027 | 15 Feb–19 Feb 2027 closed (half term)
            GB | half term: closed 15-19 Feb | ? every year
            FR | ouvert le 14 juillet 2027 de 9h à 12h | 14 Jul 2027 9–12
            """;

    static final String OPENING_HOURS = """
            # opening_hours value | written again, or ! and words of the reason
            Mo-Fr 09:00-17:30; Sa 10:00-14:00; Su off; Dec 25 off | Mo-Fr 09:00-17:30; Sa 10:00-14:00; Su off; Dec 25 off
            24/7 | 24/7
            Mo-Fr 09:00-12:00,13:00-17:00 | Mo-Fr 09:00-12:00,13:00-17:00; Sa,Su off
            Mo,We,Fr 10:00-16:00 | Mo 10:00-16:00; Tu off; We 10:00-16:00; Th off; Fr 10:00-16:00; Sa,Su off
            Fr 18:00-02:00 | Mo-Th off; Fr 18:00-02:00; Sa,Su off
            Fr 18:00-26:00 | Mo-Th off; Fr 18:00-02:00; Sa,Su off
            Mo-Fr 09:00-17:00; PH off | Mo-Fr 09:00-17:00; Sa,Su off; PH off
            Mo-Fr 09:00-17:00; easter +1 day off | Mo-Fr 09:00-17:00; Sa,Su off; easter +1 day off
            Mo-Fr 09:00-17:00; easter -2 days off | Mo-Fr 09:00-17:00; Sa,Su off; easter -2 days off
            Mo-Fr 09:00-17:00; 2026 Dec 03 off "guild meeting" | Mo-Fr 09:00-17:00; Sa,Su off; 2026 Dec 03 off "guild meeting"
            Mo-Fr 09:00-17:00; 2026 Dec 24-2027 Jan 02 off | Mo-Fr 09:00-17:00; Sa,Su off; 2026 Dec 24-2027 Jan 02 off
            Mo-Fr 09:00-17:00; Dec 24-26 off | Mo-Fr 09:00-17:00; Sa,Su off; Dec 24-Dec 26 off
            Mo-Fr 09:00-17:00; Jun-Aug Mo-Fr 07:00-15:00 | Mo-Fr 09:00-17:00; Sa,Su off; Jun 01-Aug 31 Mo-Fr \
            07:00-15:00; Jun 01-Aug 31 Sa,Su off
            Sa "by appointment" | Mo-Fr off; Sa "by appointment"; Su off
            Mo-Su 00:00-24:00 | 24/7
            Mo-Fr sunrise-sunset | ! rule we cannot keep
            week 1-20 Mo-Fr 09:00-17:00 | ! rule we cannot keep
            Mo-Fr 09:00+ | ! rule we cannot keep
            Dec 25 off | ! no hours of the usual week
            Mo-Fr 09:00-17:00; Feb 31 off | ! no such day
            """;
}
