package ostium.app.enquiry;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface EnquiryFileMapper {
    String OF_SITE = " from enquiry_file f join enquiry q on q.id = f.enquiry where q.site = #{site}";

    @Insert("insert into enquiry_file (enquiry, position, name, content_type, size)"
            + " values (#{enquiry}, #{position}, #{name}, #{contentType}, #{size})")
    void insert(String enquiry, int position, String name, String contentType, long size);

    @Insert("insert into enquiry_file_piece (enquiry, file, position, bytes)"
            + " values (#{enquiry}, #{file}, #{position}, #{bytes})")
    void insertPiece(String enquiry, int file, int position, byte[] bytes);

    @Select("select coalesce(sum(f.size), 0)" + OF_SITE)
    long bytesOfSite(String site);

    @Select("<script>select enquiry, position, name, content_type, size from enquiry_file where enquiry in "
            + EnquiryMapper.THESE + " order by enquiry, position</script>")
    List<KeptFile> of(List<String> enquiries);

    @Select("select f.enquiry, f.position, f.name, f.content_type, f.size" + OF_SITE
            + " and f.enquiry = #{enquiry} and f.position = #{position}")
    Optional<KeptFile> one(String site, String enquiry, int position);

    @Select("select bytes from enquiry_file_piece where enquiry = #{enquiry} and file = #{file} order by position")
    List<byte[]> pieces(String enquiry, int file);

    /** @param size in bytes */
    record KeptFile(String enquiry, int position, String name, String contentType, long size) {}
}
