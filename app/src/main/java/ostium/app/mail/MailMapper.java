package ostium.app.mail;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface MailMapper {
    String COLUMNS =
            "select id, enquiry, booking, recipient, reply_to, subject, body, calendar, leave_address, message_id, state,"
                    + " tries, fault, made_at, sent_at from mail";

    @Insert("insert into mail (id, enquiry, booking, list_member, recipient, reply_to, subject, body, calendar,"
            + " leave_address, message_id, state) values (#{id}, #{mail.about.enquiry}, #{mail.about.booking},"
            + " #{mail.about.listMember}, #{mail.to}, #{mail.replyTo}, #{mail.subject}, #{mail.body},"
            + " #{mail.calendar}, #{mail.leaveAddress}, #{messageId}, 'WAITING')")
    void insert(String id, Mail mail, String messageId);

    @Select(COLUMNS + " where id = #{id}")
    Optional<StoredMail> byId(String id);

    @Select(COLUMNS + " where enquiry in (select id from enquiry where site = #{site})")
    List<StoredMail> ofSite(String site);

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
            String calendar,
            String leaveAddress,
            String messageId,
            String state,
            int tries,
            String fault,
            Instant madeAt,
            Instant sentAt) {}
}
