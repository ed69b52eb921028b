package ostium.app.text;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface TextMapper {
    @Insert("insert into text_message (id, recipient, words, site, booking, enquiry, state) values (#{id}, #{text.to},"
            + " #{text.words}, #{text.about.site}, #{text.about.booking}, #{text.about.enquiry}, 'WAITING')")
    void insert(String id, TextMessage text);

    /** How many texts told of messages to a site. */
    @Select("select count(*) from text_message where site = #{site} and enquiry is not null and made_at > #{since}")
    int ofEnquiriesSince(String site, Instant since);

    @Select("select id, recipient, words, state, tries, made_at from text_message where id = #{id}")
    Optional<StoredText> byId(String id);

    @Select("select id, recipient, words, state, tries, made_at from text_message where booking = #{booking}"
            + " order by made_at")
    List<StoredText> ofBooking(String booking);

    @Select("select id, recipient, words, state, tries, made_at from text_message where enquiry = #{enquiry}"
            + " order by made_at")
    List<StoredText> ofEnquiry(String enquiry);

    @Update("update text_message set state = 'SENT', sent_at = now(6) where id = #{id}")
    void sent(String id);

    @Update("update text_message set tries = tries + 1 where id = #{id}")
    void failed(String id);

    @Update("update text_message set state = 'GIVEN_UP' where id = #{id}")
    void givenUp(String id);

    /**
     * Those of a site that have not come to whom they are for, though they were tried: of appointments that are not over, and
     * of messages that wait for an answer.
     */
    @Select("select t.id, t.recipient, t.words, t.state, t.tries, t.made_at from text_message t"
            + " left join booking b on b.id = t.booking left join enquiry q on q.id = t.enquiry"
            + " where t.site = #{site} and (b.ends_at > #{now} or q.state = 'NEW')"
            + " and (t.state = 'GIVEN_UP' or t.state = 'WAITING' and t.tries > 0) order by t.made_at desc limit 60")
    List<StoredText> undelivered(String site, Instant now);

    @Update("update text_message set state = 'WAITING', tries = 0, made_at = #{at}"
            + " where site = #{site} and id = #{id} and state = 'GIVEN_UP'")
    int again(String site, String id, Instant at);

    @Update("update text_message set state = 'LET_GO' where site = #{site} and id = #{id} and state = 'GIVEN_UP'")
    int letGo(String site, String id);

    record StoredText(String id, String recipient, String words, String state, int tries, Instant madeAt) {}
}
