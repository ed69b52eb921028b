package ostium.app.enquiry;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface AskedWordsMapper {
    String COLUMNS = "select enquiry, site, state, asked_at, good_until, said_at, said from asked_words";

    /** Another link takes the place of one by which nothing was said. */
    @Insert("insert into asked_words (enquiry, site, link, state, asked_at, good_until)"
            + " values (#{enquiry}, #{site}, #{link}, 'ASKED', #{at}, #{until}) on duplicate key update link = #{link},"
            + " state = 'ASKED', asked_at = #{at}, good_until = #{until}, said_at = null, said = null")
    void ask(String enquiry, String site, String link, Instant at, Instant until);

    @Select(COLUMNS + " where link = #{link} and state <> 'LET_GO' and good_until > #{now}")
    Optional<StoredWords> byLink(String link, Instant now);

    @Select("<script>" + COLUMNS + " where enquiry in " + EnquiryMapper.THESE + "</script>")
    List<StoredWords> of(List<String> enquiries);

    @Select(COLUMNS + " where site = #{site} and enquiry = #{enquiry} for update")
    Optional<StoredWords> lock(String site, String enquiry);

    @Update("update asked_words set state = 'SAID', said = #{said}, said_at = #{at}"
            + " where link = #{link} and state in ('ASKED', 'SAID') and good_until > #{at}")
    int say(String link, String said, Instant at);

    @Update("update asked_words set state = #{state} where site = #{site} and enquiry = #{enquiry}")
    int setState(String site, String enquiry, String state);

    /** @param said answers by key of their field, as JSON; null while nothing was said */
    record StoredWords(
            String enquiry,
            String site,
            String state,
            Instant askedAt,
            Instant goodUntil,
            Instant saidAt,
            String said) {}
}
