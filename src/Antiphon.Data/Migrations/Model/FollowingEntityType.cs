using Antiphon.Data.Blogs.Followed;
using Microsoft.EntityFrameworkCore.Metadata;
using Microsoft.EntityFrameworkCore.Metadata.Internal;

namespace Antiphon.Data.Migrations.Model;

public partial class FollowingEntityType
{
    // The tool that writes the model does not know query filters yet; without this line removed blogs would come back.
#pragma warning disable EF1001
    static partial void Customize(RuntimeEntityType runtimeEntityType) =>
        runtimeEntityType.AddAnnotation(
            CoreAnnotationNames.QueryFilter,
            new QueryFilterCollection([new RuntimeQueryFilter(null, FollowingConfiguration.OfBlogThatIsThere)])
        );
#pragma warning restore EF1001
}
