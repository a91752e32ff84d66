using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class OwnHub : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "HubReaders",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BlogId = table.Column<long>(type: "INTEGER", nullable: false),
                    Topic = table.Column<string>(type: "TEXT", nullable: false),
                    Callback = table.Column<string>(type: "TEXT", nullable: false),
                    Secret = table.Column<string>(type: "TEXT", nullable: true),
                    LeaseUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    AskedSeconds = table.Column<long>(type: "INTEGER", nullable: true),
                    AsksToEnd = table.Column<bool>(type: "INTEGER", nullable: false),
                    AskedSecret = table.Column<string>(type: "TEXT", nullable: true),
                    Wanted = table.Column<long>(type: "INTEGER", nullable: false),
                    Told = table.Column<long>(type: "INTEGER", nullable: false),
                    Attempts = table.Column<int>(type: "INTEGER", nullable: false),
                    DueAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_HubReaders", x => x.Id);
                    table.ForeignKey(
                        name: "FK_HubReaders_Blogs_BlogId",
                        column: x => x.BlogId,
                        principalTable: "Blogs",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_HubReaders_BlogId",
                table: "HubReaders",
                column: "BlogId");

            migrationBuilder.CreateIndex(
                name: "IX_HubReaders_DueAt",
                table: "HubReaders",
                column: "DueAt");

            migrationBuilder.CreateIndex(
                name: "IX_HubReaders_Topic_Callback",
                table: "HubReaders",
                columns: new[] { "Topic", "Callback" },
                unique: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "HubReaders");
        }
    }
}
