using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class PicturesAndImports : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<long>(
                name: "ImportId",
                table: "Posts",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "ImportKey",
                table: "Posts",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "ImportMark",
                table: "Posts",
                type: "TEXT",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "Imports",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    BlogId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Address = table.Column<string>(type: "TEXT", nullable: true),
                    State = table.Column<string>(type: "TEXT", nullable: false),
                    Plan = table.Column<string>(type: "TEXT", nullable: true),
                    BegunAt = table.Column<long>(type: "INTEGER", nullable: false),
                    EndedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Rows = table.Column<int>(type: "INTEGER", nullable: false),
                    Done = table.Column<int>(type: "INTEGER", nullable: false),
                    Made = table.Column<int>(type: "INTEGER", nullable: false),
                    Changed = table.Column<int>(type: "INTEGER", nullable: false),
                    Skipped = table.Column<int>(type: "INTEGER", nullable: false),
                    Refused = table.Column<int>(type: "INTEGER", nullable: false),
                    Tidied = table.Column<int>(type: "INTEGER", nullable: false),
                    Notes = table.Column<string>(type: "TEXT", nullable: false),
                    StopAsked = table.Column<bool>(type: "INTEGER", nullable: false),
                    LeaseUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    EveryMinutes = table.Column<int>(type: "INTEGER", nullable: true),
                    NextAt = table.Column<long>(type: "INTEGER", nullable: true),
                    LastWords = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Imports", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Imports_Blogs_BlogId",
                        column: x => x.BlogId,
                        principalTable: "Blogs",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Pictures",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Alt = table.Column<string>(type: "TEXT", nullable: false),
                    Caption = table.Column<string>(type: "TEXT", nullable: true),
                    Credit = table.Column<string>(type: "TEXT", nullable: true),
                    Type = table.Column<string>(type: "TEXT", nullable: false),
                    FileWidth = table.Column<int>(type: "INTEGER", nullable: false),
                    FileHeight = table.Column<int>(type: "INTEGER", nullable: false),
                    Width = table.Column<int>(type: "INTEGER", nullable: false),
                    Height = table.Column<int>(type: "INTEGER", nullable: false),
                    Bytes = table.Column<long>(type: "INTEGER", nullable: false),
                    Edit = table.Column<string>(type: "TEXT", nullable: false),
                    FocusX = table.Column<int>(type: "INTEGER", nullable: false),
                    FocusY = table.Column<int>(type: "INTEGER", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false),
                    AddedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    SourceAddress = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Pictures", x => x.Id);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Posts_BlogId_ImportKey",
                table: "Posts",
                columns: new[] { "BlogId", "ImportKey" });

            migrationBuilder.CreateIndex(
                name: "IX_Posts_ImportId",
                table: "Posts",
                column: "ImportId");

            migrationBuilder.CreateIndex(
                name: "IX_Imports_BlogId",
                table: "Imports",
                column: "BlogId");

            migrationBuilder.CreateIndex(
                name: "IX_Imports_NextAt",
                table: "Imports",
                column: "NextAt");

            migrationBuilder.CreateIndex(
                name: "IX_Imports_SiteId_Id",
                table: "Imports",
                columns: new[] { "SiteId", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_Imports_State",
                table: "Imports",
                column: "State");

            migrationBuilder.CreateIndex(
                name: "IX_Pictures_Key",
                table: "Pictures",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Pictures_SiteId_Id",
                table: "Pictures",
                columns: new[] { "SiteId", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_Pictures_SiteId_SourceAddress",
                table: "Pictures",
                columns: new[] { "SiteId", "SourceAddress" });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Imports");

            migrationBuilder.DropTable(
                name: "Pictures");

            migrationBuilder.DropIndex(
                name: "IX_Posts_BlogId_ImportKey",
                table: "Posts");

            migrationBuilder.DropIndex(
                name: "IX_Posts_ImportId",
                table: "Posts");

            migrationBuilder.DropColumn(
                name: "ImportId",
                table: "Posts");

            migrationBuilder.DropColumn(
                name: "ImportKey",
                table: "Posts");

            migrationBuilder.DropColumn(
                name: "ImportMark",
                table: "Posts");
        }
    }
}
