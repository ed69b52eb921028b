package ostium.app.hook;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface HookMapper {
    String CALL = "select id, site, subject, type, body, state, tries, fault, made_at, done_at from web_hook_call";

    @Select("select address, secret from web_hook where site = #{site} and subject = #{subject}")
    Optional<WebHook> of(String site, String subject);

    @Insert("insert into web_hook (site, subject, address, secret) values (#{site}, #{subject}, #{hook.address},"
            + " #{hook.secret}) on duplicate key update address = values(address)")
    void put(String site, String subject, WebHook hook);

    @Delete("delete from web_hook where site = #{site} and subject = #{subject}")
    void delete(String site, String subject);

    @Insert("insert into web_hook_call (id, site, subject, type, body, state, made_at)"
            + " values (#{id}, #{site}, #{subject}, #{type}, #{body}, 'WAITING', #{at})")
    void insert(String id, String site, String subject, String type, String body, Instant at);

    @Select(CALL + " where id = #{id}")
    Optional<StoredCall> call(String id);

    @Select(CALL + " where site = #{site} and subject = #{subject} order by made_at desc limit #{most}")
    List<StoredCall> calls(String site, String subject, int most);

    @Update(
            "update web_hook_call set state = 'TAKEN', tries = tries + 1, fault = null, done_at = #{at} where id = #{id}")
    void taken(String id, Instant at);

    @Update("update web_hook_call set tries = tries + 1, fault = #{fault} where id = #{id}")
    void failed(String id, String fault);

    @Update("update web_hook_call set state = 'GIVEN_UP', done_at = #{at} where id = #{id}")
    void givenUp(String id, Instant at);

    @Update("update web_hook_call set state = 'WAITING', made_at = #{at}, done_at = null"
            + " where site = #{site} and id = #{id} and state = 'GIVEN_UP'")
    int again(String site, String id, Instant at);

    @Delete("delete from web_hook_call where done_at < #{before} limit 1000")
    int deleteDoneBefore(Instant before);

    record StoredCall(
            String id,
            String site,
            String subject,
            String type,
            String body,
            String state,
            int tries,
            String fault,
            Instant madeAt,
            Instant doneAt) {}
}
