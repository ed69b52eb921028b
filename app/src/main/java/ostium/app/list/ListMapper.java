package ostium.app.list;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface ListMapper {
    String MEMBER = "select id, site, email, name, state, came, agreed, agreed_at, confirmed_at, leave_token"
            + " from list_member";

    /** Those an owner sees: confirmed, and no tests. */
    String SEEN = " where site = #{site} and state = 'ON' and came <> 'TEST'";

    @Insert(
            "insert into list_member (id, site, email, name, state, came, agreed, agreed_at, confirmed_at, confirm_hash,"
                    + " leave_token) values (#{member.id}, #{member.site}, #{member.email}, #{member.name}, #{member.state},"
                    + " #{member.came}, #{member.agreed}, #{member.agreedAt}, #{member.confirmedAt}, #{confirmHash},"
                    + " #{member.leaveToken})")
    void insert(ListMember member, String confirmHash);

    @Insert("insert ignore into list_member (id, site, email, name, state, came, agreed, agreed_at, confirmed_at,"
            + " leave_token) values (#{id}, #{site}, #{email}, #{name}, #{state}, #{came}, #{agreed}, #{agreedAt},"
            + " #{confirmedAt}, #{leaveToken})")
    int insertIfNew(ListMember member);

    @Select(MEMBER + " where site = #{site} and email = #{email} for update")
    Optional<ListMember> byEmail(String site, String email);

    @Select(MEMBER + " where confirm_hash = #{hash}")
    Optional<ListMember> byConfirm(String hash);

    @Select(MEMBER + " where leave_token = #{token}")
    Optional<ListMember> byLeave(String token);

    @Update("update list_member set state = 'ON', confirmed_at = #{at}, confirm_hash = null"
            + " where confirm_hash = #{hash} and state = 'ASKED'")
    int confirm(String hash, Instant at);

    @Delete("delete from list_member where id = #{id}")
    int delete(String id);

    @Delete("delete from list_member where site = #{site} and id = #{id}")
    int deleteOf(String site, String id);

    /** However they wrote the capitals of their address. */
    @Select(MEMBER + " where site = #{site} and lower(email) = lower(#{person})")
    List<ListMember> ofPerson(String site, String person);

    @Delete("delete from list_member where site = #{site} and lower(email) = lower(#{person})")
    int deletePerson(String site, String person);

    @Delete("delete from list_member where site = #{site} and came = 'TEST'")
    void deleteTests(String site);

    @Delete("delete from list_member where state = 'ASKED' and agreed_at < #{before} limit 1000")
    int deleteAskedBefore(Instant before);

    @Select("select count(*) from list_member" + SEEN)
    int number(String site);

    @Select("select count(*) from list_member where site = #{site} and state = 'ASKED' and came <> 'TEST'")
    int asked(String site);

    @Select(MEMBER + SEEN + " and (confirmed_at, id) < (#{before}, #{beforeId})"
            + " and (email like #{like} or name like #{like}) order by confirmed_at desc, id desc limit #{most}")
    List<ListMember> page(String site, Instant before, String beforeId, String like, int most);

    @Select("select confirmed_at from list_member where site = #{site} and id = #{id}")
    Optional<Instant> confirmedAt(String site, String id);

    @Select(MEMBER + SEEN + " order by confirmed_at, id")
    List<ListMember> all(String site);
}
