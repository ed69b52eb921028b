package ostium.app.booking;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface BookingMapper {
    String COLUMNS =
            "select id, site, link, state, held_until, service, service_name, price, resource, starts_at, ends_at,"
                    + " before_minutes, after_minutes, zone, who, email, telephone, place, latitude, longitude, answers, note, came,"
                    + " sequence, made_at, changed_at from booking";

    @Insert("insert ignore into diary (site) values (#{site})")
    void begin(String site);

    /** Whoever has the lock is the only one who changes what stands in the diary. */
    @Select("select site from diary where site = #{site} for update")
    Optional<String> lock(String site);

    @Insert("insert into booking (id, site, link, state, held_until, service, service_name, price, resource, starts_at,"
            + " ends_at, before_minutes, after_minutes, zone, who, email, telephone, place, latitude, longitude, answers,"
            + " note, came, sequence, made_at, changed_at) values (#{b.id}, #{b.site}, #{b.link}, #{b.state},"
            + " #{b.heldUntil}, #{b.service}, #{b.serviceName}, #{b.price}, #{b.resource}, #{b.startsAt}, #{b.endsAt},"
            + " #{b.beforeMinutes}, #{b.afterMinutes}, #{b.zone}, #{b.who}, #{b.email}, #{b.telephone}, #{b.place},"
            + " #{b.latitude}, #{b.longitude}, #{b.answers}, #{b.note}, #{b.came}, #{b.sequence}, #{b.madeAt},"
            + " #{b.changedAt})")
    void insert(@Param("b") StoredBooking booking);

    @Update("update booking set state = #{b.state}, held_until = #{b.heldUntil}, resource = #{b.resource},"
            + " starts_at = #{b.startsAt}, ends_at = #{b.endsAt}, who = #{b.who}, email = #{b.email},"
            + " telephone = #{b.telephone}, place = #{b.place}, latitude = #{b.latitude}, longitude = #{b.longitude},"
            + " answers = #{b.answers}, note = #{b.note}, sequence = #{b.sequence}, changed_at = #{b.changedAt}"
            + " where id = #{b.id} and site = #{b.site}")
    int update(@Param("b") StoredBooking booking);

    @Select(COLUMNS + " where site = #{site} and id = #{id}")
    Optional<StoredBooking> one(String site, String id);

    @Select(COLUMNS + " where site = #{site} and link = #{link}")
    Optional<StoredBooking> byLink(String site, String link);

    /**
     * What takes time between two instants: agreed, or held and asked for until it lapses.
     *
     * @param earliest when something can have begun that reaches into them: what is long past need not be looked through
     */
    @Select("select id, who, service, resource, starts_at, ends_at, before_minutes, after_minutes, latitude, longitude"
            + " from booking where site = #{site} and starts_at between #{earliest} and #{to} and ends_at > #{from} and"
            + " (state in ('BOOKED', 'DONE',"
            + " 'MISSED') or state in ('HELD', 'ASKED') and held_until > #{now})")
    List<StoredTime> takingTime(String site, Instant earliest, Instant from, Instant to, Instant now);

    /** What the owner sees of a stretch of the diary. */
    @Select(COLUMNS + " where site = #{site} and starts_at < #{to} and ends_at > #{from}"
            + " and state in ('ASKED', 'BOOKED', 'DONE', 'MISSED') order by starts_at, id")
    List<StoredBooking> between(String site, Instant from, Instant to);

    @Select(COLUMNS + " where site = #{site} and state = 'ASKED' order by made_at")
    List<StoredBooking> asked(String site);

    @Select("select count(*) from booking where site = #{site} and state = 'ASKED'")
    int countAsked(String site);

    @Select(COLUMNS + " where site = #{site} and state = 'BOOKED' and starts_at > #{now} order by starts_at")
    List<StoredBooking> coming(String site, Instant now);

    @Select(COLUMNS + " where state = 'BOOKED' and reminded_at is null and came <> 'TEST' and starts_at > #{now}"
            + " and starts_at <= #{until} and made_at < #{madeBefore} order by starts_at limit 200")
    List<StoredBooking> toRemind(Instant now, Instant until, Instant madeBefore);

    /** Of several instances one does it. */
    @Update("update booking set reminded_at = #{now} where id = #{id} and reminded_at is null")
    int remind(String id, Instant now);

    @Delete("delete from booking where site = #{site} and link = #{link} and state = 'HELD'")
    int letGo(String site, String link);

    /** Whatever was left by somebody who can be reached, the first first. */
    @Select(COLUMNS + " where site = #{site} and state <> 'HELD' and (email <> '' or telephone <> '')"
            + " order by starts_at, id")
    List<StoredBooking> ofPeople(String site);

    @Delete("delete from booking where site = #{site} and id = #{id}")
    int delete(String site, String id);

    @Select("select distinct site from booking where ends_at < #{now}")
    List<String> sitesWithEnded(Instant now);

    @Delete("delete from booking where site = #{site} and ends_at < #{before}")
    int deleteEndedBefore(String site, Instant before);

    @Delete("delete from booking where site = #{site} and came = 'TEST'")
    void deleteTests(String site);

    @Delete("delete from booking where state = 'HELD' and held_until < #{before}")
    int sweep(Instant before);

    @Insert("insert into diary_block (id, site, resource, starts_at, ends_at, words, source)"
            + " values (#{k.id}, #{site}, #{k.resource}, #{k.startsAt}, #{k.endsAt}, #{k.words}, #{k.source})")
    void insertBlock(String site, @Param("k") StoredBlock block);

    @Insert("<script>insert into diary_block (id, site, resource, starts_at, ends_at, words, source) values"
            + "<foreach collection='blocks' item='k' separator=','>(#{k.id}, #{site}, #{k.resource}, #{k.startsAt},"
            + " #{k.endsAt}, #{k.words}, #{k.source})</foreach></script>")
    void insertBlocks(String site, List<StoredBlock> blocks);

    @Select("select id, resource, starts_at, ends_at, words, source from diary_block"
            + " where site = #{site} and starts_at < #{to} and ends_at > #{from} order by starts_at, id")
    List<StoredBlock> blocks(String site, Instant from, Instant to);

    @Delete("delete from diary_block where site = #{site} and id = #{id}")
    int deleteBlock(String site, String id);

    @Delete("delete from diary_block where site = #{site} and source = #{source}")
    int deleteSource(String site, String source);

    @Select(
            "select source from diary_block where site = #{site} and source is not null group by source order by source")
    List<String> sources(String site);

    @Select("select feed from diary where site = #{site}")
    Optional<String> feed(String site);

    @Update("update diary set feed = #{feed} where site = #{site}")
    void setFeed(String site, String feed);

    @Select("select site from diary where feed = #{feed}")
    Optional<String> siteOfFeed(String feed);

    /** @param answers list of label and value, as JSON */
    record StoredBooking(
            String id,
            String site,
            String link,
            String state,
            Instant heldUntil,
            String service,
            String serviceName,
            String price,
            String resource,
            Instant startsAt,
            Instant endsAt,
            int beforeMinutes,
            int afterMinutes,
            String zone,
            String who,
            String email,
            String telephone,
            String place,
            Double latitude,
            Double longitude,
            String answers,
            String note,
            String came,
            int sequence,
            Instant madeAt,
            Instant changedAt) {}

    /** What of a booking takes time. */
    record StoredTime(
            String id,
            String who,
            String service,
            String resource,
            Instant startsAt,
            Instant endsAt,
            int beforeMinutes,
            int afterMinutes,
            Double latitude,
            Double longitude) {}

    /** @param source name of the calendar it came from, or null for one the owner drew */
    record StoredBlock(String id, String resource, Instant startsAt, Instant endsAt, String words, String source) {}
}
