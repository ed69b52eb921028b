package ostium.app.enquiry;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface EnquiryMapper {
    String COLUMNS =
            "select id, state, came, ask_again, fields, received_at, set_aside, form from enquiry where site = #{site}";

    /** A repeat of the same message changes nothing. */
    @Insert("insert ignore into enquiry (id, site, publication, repeat_key, state, came, fields, received_at,"
            + " set_aside, words_key, sender_key, form) values (#{id}, #{site}, #{publication}, #{repeatKey}, #{state},"
            + " #{came}, #{fields}, #{receivedAt}, #{setAside}, #{wordsKey}, #{senderKey},"
            + " #{form})")
    int insert(NewEnquiry enquiry);

    /** Several enquiries, within a script. */
    String THESE = "(<foreach collection='enquiries' item='each' separator=','>#{each}</foreach>)";

    String IS_OVER = "state in ('DONE', 'LOST', 'UNWANTED')";

    String IN_ORDER = " order by " + IS_OVER + ", received_at desc, id desc limit #{most}";

    /** Those that are open, the newest first, and behind them what is over. */
    @Select(COLUMNS + IN_ORDER)
    List<StoredEnquiry> first(String site, int most);

    /** Those that stand behind one of them in the same order. */
    @Select(COLUMNS + " and exists (select 1 from enquiry b where b.site = #{site} and b.id = #{after}"
            + " and (enquiry." + IS_OVER + " > b." + IS_OVER + " or enquiry." + IS_OVER + " = b." + IS_OVER
            + " and (enquiry.received_at < b.received_at"
            + " or enquiry.received_at = b.received_at and enquiry.id < b.id)))" + IN_ORDER)
    List<StoredEnquiry> behind(String site, String after, int most);

    @Select(COLUMNS + " order by received_at")
    List<StoredEnquiry> all(String site);

    @Select(COLUMNS + " and id = #{id}")
    Optional<StoredEnquiry> one(String site, String id);

    @Select("select count(*) as number, min(received_at) as since from enquiry"
            + " where site = #{site} and state = 'NEW'")
    Waiting waiting(String site);

    @Select("select distinct site from enquiry where state = 'NEW' and reminded_at is null")
    List<String> sitesWithUnreminded();

    @Select(COLUMNS + " and state = 'NEW' and reminded_at is null order by received_at")
    List<StoredEnquiry> unreminded(String site);

    /** Unless somebody has answered meanwhile, or reminded. */
    @Update("update enquiry set reminded_at = #{at} where id = #{id} and state = 'NEW' and reminded_at is null")
    int setReminded(String id, Instant at);

    /** What came before a message, and how often. */
    @Select(
            "select (select count(*) from enquiry where words_key = #{words} and site = #{site} and received_at > #{days}"
                    + " and not sender_key <=> #{sender}) as here,"
                    + " (select count(distinct site) from enquiry where words_key = #{words} and site <> #{site}"
                    + " and received_at > #{days}) as elsewhere,"
                    + " (select count(*) from enquiry where site = #{site} and sender_key = #{sender}"
                    + " and received_at > #{hour}) as sender")
    Before before(String site, String words, String sender, Instant days, Instant hour);

    /**
     * @param here messages of the same words by others to the same site
     * @param elsewhere other sites the same words came to
     * @param sender messages of the same sender to the same site
     */
    record Before(int here, int elsewhere, int sender) {}

    /**
     * Messages from the form that somebody has judged, the newest first: those that were answered or came to something,
     * those the owner set aside, and those taken back from there.
     */
    @Select("select state, fields from enquiry where site = #{site} and came = 'FORM'"
            + " and (state in ('ANSWERED', 'AGREED', 'DONE', 'LOST') or state = 'UNWANTED' and set_aside is null"
            + " or state = 'NEW' and set_aside is not null) order by received_at desc limit 300")
    List<StoredJudged> judged(String site);

    /** What the owner sets aside is no longer what we did. */
    @Update("update enquiry set set_aside = null where id = #{id} and site = #{site}")
    void setAsideByOwner(String site, String id);

    @Update("update enquiry set state = #{state} where id = #{id} and site = #{site}")
    int setState(String site, String id, String state);

    @Update("update enquiry set ask_again = #{day} where id = #{id} and site = #{site}")
    int setAskAgain(String site, String id, LocalDate day);

    @Delete("delete from enquiry where id = #{id} and site = #{site}")
    int delete(String site, String id);

    @Delete("delete from enquiry where site = #{site} and came = 'TEST'")
    void deleteTests(String site);

    @Select("select distinct site from enquiry where state in ('DONE', 'LOST', 'UNWANTED')")
    List<String> sitesWithClosed();

    /** Those that are over, and in which nothing was said since. */
    @Delete("delete from enquiry where site = #{site} and state in ('DONE', 'LOST', 'UNWANTED')"
            + " and received_at < #{before} and not exists"
            + " (select 1 from enquiry_entry e where e.enquiry = enquiry.id and e.said_at >= #{before})")
    int deleteClosedBefore(String site, Instant before);

    @Insert("insert into enquiry_entry (id, enquiry, kind, words, author, said_at)"
            + " values (#{id}, #{enquiry}, #{kind}, #{words}, #{author}, #{saidAt})")
    void insertEntry(String id, String enquiry, String kind, String words, String author, Instant saidAt);

    @Select("<script>select id, enquiry, kind, words, author, said_at from enquiry_entry where enquiry in " + THESE
            + " order by said_at, id</script>")
    List<StoredEntry> entries(List<String> enquiries);

    /**
     * @param fields list of label and value, as JSON
     * @param setAside why it was set aside without the owner, a sentence a line; or null
     * @param form name of the form it came by; null where it came otherwise, or that was not kept yet
     */
    record StoredEnquiry(
            String id,
            String state,
            String came,
            LocalDate askAgain,
            String fields,
            Instant receivedAt,
            String setAside,
            String form) {}

    /** As {@link StoredEnquiry}, with what finds a repeat of it, its words and its sender. */
    record NewEnquiry(
            String id,
            String site,
            Long publication,
            String repeatKey,
            String state,
            String came,
            String fields,
            Instant receivedAt,
            String setAside,
            String wordsKey,
            String senderKey,
            String form) {}

    record StoredJudged(String state, String fields) {}

    /** @param since when the first of those that wait came, or null */
    record Waiting(int number, Instant since) {}

    record StoredEntry(String id, String enquiry, String kind, String words, String author, Instant saidAt) {}
}
