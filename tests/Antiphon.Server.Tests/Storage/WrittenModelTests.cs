using Antiphon.Data;
using Antiphon.Tests;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Metadata;

namespace Antiphon.Server.Tests.Storage;

/// <summary>
/// The model that is written out beforehand, so that no start has to find it: what it says is what the configurations
/// say.
/// </summary>
public sealed class WrittenModelTests : IDisposable
{
    private readonly TemporaryFolder _folder = new();

    [Fact]
    public void It_is_the_model_of_the_configurations()
    {
        using var context = Context();
        var configured = context.GetService<IDesignTimeModel>().Model;
        Assert.NotSame(configured, context.Model);
        Assert.Equal(
            configured.GetEntityTypes().SelectMany(Lines).Order(StringComparer.Ordinal),
            context.Model.GetEntityTypes().SelectMany(Lines).Order(StringComparer.Ordinal)
        );
    }

    [Fact]
    public void Deleted_posts_stay_hidden_in_it()
    {
        using var context = Context();
        Assert.Contains("\"DeletedAt\" IS NULL", context.Posts.ToQueryString(), StringComparison.Ordinal);
    }

    /// <inheritdoc/>
    public void Dispose() => _folder.Dispose();

    private AntiphonContext Context()
    {
        var options = new DbContextOptionsBuilder<AntiphonContext>();
        options.UseAntiphonSqlite(Path.Combine(_folder.Path, "antiphon.db"));
        return new AntiphonContext(options.Options);
    }

    // Whoever changes an entity and forgets `dotnet ef dbcontext optimize` (src/Antiphon.Data/README.md) sees here
    // which line differs.
    private static IEnumerable<string> Lines(IEntityType type) =>
        [
            .. type.GetDeclaredQueryFilters().Select(filter => $"{type.Name} hides by {filter.Expression}"),
            .. type.GetProperties().Select(property => $"{type.Name}: {Property(property)}"),
            .. type.GetKeys().Select(key => $"{type.Name} key {Names(key.Properties)}"),
            .. type.GetForeignKeys()
                .Select(key =>
                    $"{type.Name} points with {Names(key.Properties)} to {key.PrincipalEntityType.Name} {key.DeleteBehavior} {key.IsUnique} {key.IsRequired}"
                ),
            .. type.GetIndexes()
                .Select(index =>
                    $"{type.Name} index {index.GetDatabaseName()} {Names(index.Properties)} {index.IsUnique} {index.GetFilter()}"
                ),
            .. type.GetNavigations().Select(navigation => $"{type.Name} leads by {navigation.Name}"),
        ];

    private static string Property(IProperty property) =>
        string.Join(
            ' ',
            property.Name,
            property.ClrType,
            property.GetColumnName(),
            property.GetColumnType(),
            property.GetDefaultValueSql(),
            property.IsNullable,
            property.ValueGenerated,
            property.IsConcurrencyToken,
            property.GetMaxLength(),
            property.Sentinel,
            property.FindTypeMapping()?.Converter?.GetType(),
            property.GetValueComparer().GetType()
        );

    private static string Names(IEnumerable<IReadOnlyProperty> properties) =>
        string.Join('+', properties.Select(property => property.Name));
}
