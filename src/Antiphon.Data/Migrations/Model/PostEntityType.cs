using Antiphon.Data.Posts;
using Microsoft.EntityFrameworkCore.Metadata;
using Microsoft.EntityFrameworkCore.Metadata.Internal;

namespace Antiphon.Data.Migrations.Model;

public partial class PostEntityType
{
    // The tool that writes the model does not know query filters yet; without this line deleted posts would come back everywhere.
#pragma warning disable EF1001
    static partial void Customize(RuntimeEntityType runtimeEntityType) =>
        runtimeEntityType.AddAnnotation(
            CoreAnnotationNames.QueryFilter,
            new QueryFilterCollection([new RuntimeQueryFilter(null, PostConfiguration.NotDeleted)])
        );
#pragma warning restore EF1001
}
