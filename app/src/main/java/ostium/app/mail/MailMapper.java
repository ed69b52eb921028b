package ostium.app.mail;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface MailMapper {
    String COLUMNS =
            "select id, enquiry, booking, recipient, reply_to, subject, body, html, calendar, leave_address, message_id,"
                    + " state, tries, fault, made_at, sent_at from mail";

    @Insert("insert into mail (id, site, enquiry, booking, list_member, recipient, reply_to, subject, body, html,"
            + " calendar, leave_address, message_id, state) values (#{id}, #{mail.about.site}, #{mail.about.enquiry},"
            + " #{mail.about.booking}, #{mail.about.listMember}, #{mail.to}, #{mail.replyTo}, #{mail.subject},"
            + " #{mail.body}, #{html}, #{mail.calendar}, #{mail.leaveAddress}, #{messageId}, 'WAITING')")
    void insert(String id, Mail mail, String html, String messageId);

    @Select(COLUMNS + " where id = #{id}")
    Optional<StoredMail> byId(String id);

    @Select(
            "<script>" + COLUMNS
                    + " where enquiry in (<foreach collection='enquiries' item='each' separator=','>#{each}</foreach>)</script>")
    List<StoredMail> ofEnquiries(List<String> enquiries);

    /** Those of a site that have not come to whom they are for, though they were tried. */
    @Select(COLUMNS + " where site = #{site} and (state = 'GIVEN_UP' or state = 'WAITING' and tries > 0)"
            + " order by made_at desc limit #{most}")
    List<StoredMail> undelivered(String site, int most);

    @Update("update mail set state = 'WAITING', tries = 0, fault = null, made_at = #{at}"
            + " where site = #{site} and id = #{id} and state = 'GIVEN_UP'")
    int again(String site, String id, Instant at);

    @Update("update mail set state = 'LET_GO' where site = #{site} and id = #{id} and state = 'GIVEN_UP'")
    int letGo(String site, String id);

    /** Mails that tell of nothing that is kept hold links for new passwords: once they are sent or given up they are of no use. */
    @Delete("delete from mail where enquiry is null and booking is null and list_member is null"
            + " and (state = 'SENT' or site is null and state <> 'WAITING') and made_at < #{before} limit 1000")
    int deleteOwnBefore(Instant before);

    /** Ostium's own mails to an address, sent or not. */
    @Delete("delete from mail where recipient = #{recipient} and site is null and enquiry is null and booking is null"
            + " and list_member is null")
    void deleteOwnTo(String recipient);

    @Select(COLUMNS + " where enquiry = #{enquiry} order by made_at")
    List<StoredMail> ofEnquiry(String enquiry);

    @Select(COLUMNS + " where booking = #{booking} order by made_at")
    List<StoredMail> ofBooking(String booking);

    @Select(COLUMNS + " where list_member = #{member} order by made_at")
    List<StoredMail> ofListMember(String member);

    @Update("update mail set state = 'SENT', sent_at = now(6), fault = null where id = #{id}")
    void sent(String id);

    @Update("update mail set tries = tries + 1, fault = #{fault} where id = #{id}")
    void failed(String id, String fault);

    @Update("update mail set state = 'GIVEN_UP' where id = #{id}")
    void givenUp(String id);

    /** @param messageId Message-ID header, with its angle brackets */
    record StoredMail(
            String id,
            String enquiry,
            String booking,
            String recipient,
            String replyTo,
            String subject,
            String body,
            String html,
            String calendar,
            String leaveAddress,
            String messageId,
            String state,
            int tries,
            String fault,
            Instant madeAt,
            Instant sentAt) {}
}
