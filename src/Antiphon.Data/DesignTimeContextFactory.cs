using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;

namespace Antiphon.Data;

/// <summary>Lets the migration tool make a context without starting the server.</summary>
internal sealed class DesignTimeContextFactory : IDesignTimeDbContextFactory<AntiphonContext>
{
    /// <inheritdoc/>
    public AntiphonContext CreateDbContext(string[] args) =>
        new(new DbContextOptionsBuilder<AntiphonContext>().UseSqlite("Data Source=design.db").Options);
}
