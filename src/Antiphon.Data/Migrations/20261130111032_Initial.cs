using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Antiphon.Data.Migrations
{
    /// <inheritdoc />
    public partial class Initial : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "AspNetUsers",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    DisplayName = table.Column<string>(type: "TEXT", nullable: false),
                    UserName = table.Column<string>(type: "TEXT", maxLength: 256, nullable: true),
                    NormalizedUserName = table.Column<string>(type: "TEXT", maxLength: 256, nullable: true),
                    Email = table.Column<string>(type: "TEXT", maxLength: 256, nullable: true),
                    NormalizedEmail = table.Column<string>(type: "TEXT", maxLength: 256, nullable: true),
                    EmailConfirmed = table.Column<bool>(type: "INTEGER", nullable: false),
                    PasswordHash = table.Column<string>(type: "TEXT", nullable: true),
                    SecurityStamp = table.Column<string>(type: "TEXT", nullable: true),
                    ConcurrencyStamp = table.Column<string>(type: "TEXT", nullable: true),
                    PhoneNumber = table.Column<string>(type: "TEXT", nullable: true),
                    PhoneNumberConfirmed = table.Column<bool>(type: "INTEGER", nullable: false),
                    TwoFactorEnabled = table.Column<bool>(type: "INTEGER", nullable: false),
                    LockoutEnd = table.Column<long>(type: "INTEGER", nullable: true),
                    LockoutEnabled = table.Column<bool>(type: "INTEGER", nullable: false),
                    AccessFailedCount = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_AspNetUsers", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Authors",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    About = table.Column<string>(type: "TEXT", nullable: true),
                    Link = table.Column<string>(type: "TEXT", nullable: true),
                    PictureAddress = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Authors", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "BulkChanges",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    MadeAt = table.Column<long>(type: "INTEGER", nullable: false),
                    UndoneAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Before = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_BulkChanges", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Categories",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Above = table.Column<string>(type: "TEXT", nullable: true),
                    Description = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Categories", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "CommentCounts",
                columns: table => new
                {
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Standing = table.Column<string>(type: "TEXT", nullable: false),
                    Count = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CommentCounts", x => new { x.SiteId, x.Standing });
                });

            migrationBuilder.CreateTable(
                name: "CommentLooks",
                columns: table => new
                {
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonName = table.Column<string>(type: "TEXT", nullable: false),
                    CommentId = table.Column<long>(type: "INTEGER", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CommentLooks", x => new { x.SiteId, x.PersonId });
                });

            migrationBuilder.CreateTable(
                name: "Looks",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Definition = table.Column<string>(type: "TEXT", nullable: false),
                    UpdatedAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Looks", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "MailStandings",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false),
                    Since = table.Column<long>(type: "INTEGER", nullable: false),
                    Reason = table.Column<string>(type: "TEXT", nullable: false),
                    Failures = table.Column<int>(type: "INTEGER", nullable: false),
                    PausedUntil = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_MailStandings", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Pictures",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    OfKey = table.Column<string>(type: "TEXT", nullable: true),
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
                    IsFromReader = table.Column<bool>(type: "INTEGER", nullable: false),
                    AddedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    SourceAddress = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Pictures", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "SignInFailures",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Person = table.Column<string>(type: "TEXT", maxLength: 64, nullable: false),
                    Network = table.Column<string>(type: "TEXT", maxLength: 64, nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_SignInFailures", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "SiteActs",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonName = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    What = table.Column<string>(type: "TEXT", nullable: false),
                    PostId = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_SiteActs", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Sites",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    PublicKey = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Address = table.Column<string>(type: "TEXT", nullable: false),
                    TimeZone = table.Column<string>(type: "TEXT", nullable: false),
                    Language = table.Column<string>(type: "TEXT", nullable: false),
                    AllowedAddresses = table.Column<string>(type: "TEXT", nullable: false),
                    FollowLinks = table.Column<string>(type: "TEXT", nullable: false),
                    ShareWays = table.Column<string>(type: "TEXT", nullable: false),
                    CommentSettings = table.Column<string>(type: "TEXT", nullable: false),
                    CommentRules = table.Column<string>(type: "TEXT", nullable: false),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    ContentVersion = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Sites", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "ApiTokens",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Hash = table.Column<string>(type: "TEXT", nullable: false),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    LastUsedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ApiTokens", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ApiTokens_AspNetUsers_PersonId",
                        column: x => x.PersonId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "AspNetUserClaims",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    UserId = table.Column<long>(type: "INTEGER", nullable: false),
                    ClaimType = table.Column<string>(type: "TEXT", nullable: true),
                    ClaimValue = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_AspNetUserClaims", x => x.Id);
                    table.ForeignKey(
                        name: "FK_AspNetUserClaims_AspNetUsers_UserId",
                        column: x => x.UserId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "AspNetUserLogins",
                columns: table => new
                {
                    LoginProvider = table.Column<string>(type: "TEXT", nullable: false),
                    ProviderKey = table.Column<string>(type: "TEXT", nullable: false),
                    ProviderDisplayName = table.Column<string>(type: "TEXT", nullable: true),
                    UserId = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_AspNetUserLogins", x => new { x.LoginProvider, x.ProviderKey });
                    table.ForeignKey(
                        name: "FK_AspNetUserLogins_AspNetUsers_UserId",
                        column: x => x.UserId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "AspNetUserTokens",
                columns: table => new
                {
                    UserId = table.Column<long>(type: "INTEGER", nullable: false),
                    LoginProvider = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Value = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_AspNetUserTokens", x => new { x.UserId, x.LoginProvider, x.Name });
                    table.ForeignKey(
                        name: "FK_AspNetUserTokens_AspNetUsers_UserId",
                        column: x => x.UserId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Sessions",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    Hash = table.Column<string>(type: "TEXT", maxLength: 64, nullable: false),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    SeenAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Sessions", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Sessions_AspNetUsers_PersonId",
                        column: x => x.PersonId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Blogs",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Description = table.Column<string>(type: "TEXT", nullable: true),
                    HomeAddress = table.Column<string>(type: "TEXT", nullable: true),
                    ShowsPostsAtHome = table.Column<bool>(type: "INTEGER", nullable: false),
                    HostName = table.Column<string>(type: "TEXT", nullable: true),
                    HostSeenAt = table.Column<long>(type: "INTEGER", nullable: true),
                    SearchDescription = table.Column<string>(type: "TEXT", nullable: true),
                    PageLook = table.Column<string>(type: "TEXT", nullable: false),
                    CommentSettings = table.Column<string>(type: "TEXT", nullable: false),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Blogs", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Blogs_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Channels",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Settings = table.Column<string>(type: "TEXT", nullable: false),
                    Secret = table.Column<string>(type: "TEXT", nullable: true),
                    SecretBefore = table.Column<string>(type: "TEXT", nullable: true),
                    SecretBeforeUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    PausedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    PauseReason = table.Column<string>(type: "TEXT", nullable: true),
                    FailuresInRow = table.Column<int>(type: "INTEGER", nullable: false),
                    FailedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    ArchivedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Channels", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Channels_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ConfirmedReaders",
                columns: table => new
                {
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Mail = table.Column<string>(type: "TEXT", nullable: false),
                    ConfirmedAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ConfirmedReaders", x => new { x.SiteId, x.Mail });
                    table.ForeignKey(
                        name: "FK_ConfirmedReaders_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "FeedSettings",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Subject = table.Column<string>(type: "TEXT", nullable: false),
                    SubjectId = table.Column<long>(type: "INTEGER", nullable: false),
                    Entries = table.Column<int>(type: "INTEGER", nullable: false),
                    IsFullText = table.Column<bool>(type: "INTEGER", nullable: false),
                    HasHistory = table.Column<bool>(type: "INTEGER", nullable: false),
                    AsRss = table.Column<bool>(type: "INTEGER", nullable: false),
                    AsAtom = table.Column<bool>(type: "INTEGER", nullable: false),
                    AsJson = table.Column<bool>(type: "INTEGER", nullable: false),
                    Title = table.Column<string>(type: "TEXT", nullable: true),
                    Description = table.Column<string>(type: "TEXT", nullable: true),
                    PictureAddress = table.Column<string>(type: "TEXT", nullable: true),
                    Language = table.Column<string>(type: "TEXT", nullable: true),
                    Copyright = table.Column<string>(type: "TEXT", nullable: true),
                    RedirectTo = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_FeedSettings", x => x.Id);
                    table.ForeignKey(
                        name: "FK_FeedSettings_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "GoneAddresses",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Hash = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_GoneAddresses", x => x.Id);
                    table.ForeignKey(
                        name: "FK_GoneAddresses_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Invitations",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Mail = table.Column<string>(type: "TEXT", nullable: false),
                    Role = table.Column<string>(type: "TEXT", nullable: false),
                    Hash = table.Column<string>(type: "TEXT", nullable: false),
                    HandHash = table.Column<string>(type: "TEXT", nullable: true),
                    ById = table.Column<long>(type: "INTEGER", nullable: true),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    ExpiresAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Invitations", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Invitations_AspNetUsers_ById",
                        column: x => x.ById,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_Invitations_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Letters",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Subject = table.Column<string>(type: "TEXT", nullable: false),
                    Text = table.Column<string>(type: "TEXT", nullable: false),
                    AnswerTo = table.Column<string>(type: "TEXT", nullable: true),
                    StopAddress = table.Column<string>(type: "TEXT", nullable: true),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Address = table.Column<string>(type: "TEXT", nullable: false),
                    SentAt = table.Column<long>(type: "INTEGER", nullable: true),
                    FailedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Attempts = table.Column<int>(type: "INTEGER", nullable: false),
                    NextAttemptAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Letters", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Letters_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Listings",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Definition = table.Column<string>(type: "TEXT", nullable: false),
                    PageAddress = table.Column<string>(type: "TEXT", nullable: true),
                    Spot = table.Column<string>(type: "TEXT", nullable: true),
                    LookId = table.Column<long>(type: "INTEGER", nullable: true),
                    ArchivedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    UpdatedAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Listings", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Listings_Looks_LookId",
                        column: x => x.LookId,
                        principalTable: "Looks",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_Listings_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Memberships",
                columns: table => new
                {
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    Role = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Memberships", x => new { x.SiteId, x.PersonId });
                    table.ForeignKey(
                        name: "FK_Memberships_AspNetUsers_PersonId",
                        column: x => x.PersonId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_Memberships_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Notices",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    IsTrouble = table.Column<bool>(type: "INTEGER", nullable: false),
                    Title = table.Column<string>(type: "TEXT", nullable: false),
                    Text = table.Column<string>(type: "TEXT", nullable: false),
                    Path = table.Column<string>(type: "TEXT", nullable: false),
                    DoneAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Notices", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Notices_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "NoticeWishes",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    About = table.Column<string>(type: "TEXT", nullable: false),
                    EveryHours = table.Column<int>(type: "INTEGER", nullable: false),
                    QuietFrom = table.Column<TimeOnly>(type: "TEXT", nullable: true),
                    QuietUntil = table.Column<TimeOnly>(type: "TEXT", nullable: true),
                    ToldUpTo = table.Column<long>(type: "INTEGER", nullable: false),
                    ReportsToldUpTo = table.Column<long>(type: "INTEGER", nullable: false),
                    LastSentAt = table.Column<long>(type: "INTEGER", nullable: true),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_NoticeWishes", x => x.Id);
                    table.ForeignKey(
                        name: "FK_NoticeWishes_AspNetUsers_PersonId",
                        column: x => x.PersonId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_NoticeWishes_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "PartnerFeeds",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Choice = table.Column<string>(type: "TEXT", nullable: false),
                    IsFullText = table.Column<bool>(type: "INTEGER", nullable: false),
                    Source = table.Column<string>(type: "TEXT", nullable: false),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    EndedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Reads = table.Column<int>(type: "INTEGER", nullable: false),
                    LastReadAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_PartnerFeeds", x => x.Id);
                    table.ForeignKey(
                        name: "FK_PartnerFeeds_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Patterns",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Title = table.Column<string>(type: "TEXT", nullable: false),
                    BodyHtml = table.Column<string>(type: "TEXT", nullable: false),
                    Category = table.Column<string>(type: "TEXT", nullable: true),
                    Tags = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Patterns", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Patterns_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ProvenDevices",
                columns: table => new
                {
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Mail = table.Column<string>(type: "TEXT", nullable: false),
                    OwnerKey = table.Column<string>(type: "TEXT", nullable: false),
                    ProvenAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ProvenDevices", x => new { x.SiteId, x.Mail, x.OwnerKey });
                    table.ForeignKey(
                        name: "FK_ProvenDevices_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ReaderLinks",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Hash = table.Column<string>(type: "TEXT", nullable: false),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Mail = table.Column<string>(type: "TEXT", nullable: false),
                    ExpiresAt = table.Column<long>(type: "INTEGER", nullable: false),
                    OwnerKey = table.Column<string>(type: "TEXT", nullable: true),
                    CommentId = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ReaderLinks", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ReaderLinks_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "SavedViews",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Query = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_SavedViews", x => x.Id);
                    table.ForeignKey(
                        name: "FK_SavedViews_AspNetUsers_PersonId",
                        column: x => x.PersonId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_SavedViews_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Segments",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Rule = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Segments", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Segments_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "SignUpForms",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Settings = table.Column<string>(type: "TEXT", nullable: false),
                    ConsentVersion = table.Column<int>(type: "INTEGER", nullable: false),
                    LookId = table.Column<long>(type: "INTEGER", nullable: true),
                    ArchivedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_SignUpForms", x => x.Id);
                    table.ForeignKey(
                        name: "FK_SignUpForms_Looks_LookId",
                        column: x => x.LookId,
                        principalTable: "Looks",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_SignUpForms_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "SubscriptionAsks",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Mail = table.Column<string>(type: "TEXT", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    ConfirmedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Name = table.Column<string>(type: "TEXT", nullable: true),
                    Categories = table.Column<string>(type: "TEXT", nullable: false),
                    Digests = table.Column<string>(type: "TEXT", nullable: true),
                    FormId = table.Column<long>(type: "INTEGER", nullable: true),
                    Consent = table.Column<string>(type: "TEXT", nullable: true),
                    ConsentVersion = table.Column<int>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_SubscriptionAsks", x => x.Id);
                    table.ForeignKey(
                        name: "FK_SubscriptionAsks_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "WriterMarks",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    By = table.Column<string>(type: "TEXT", nullable: false),
                    Value = table.Column<string>(type: "TEXT", nullable: false),
                    Shown = table.Column<string>(type: "TEXT", nullable: false),
                    OwnerKey = table.Column<string>(type: "TEXT", nullable: true),
                    Mark = table.Column<string>(type: "TEXT", nullable: false),
                    Until = table.Column<long>(type: "INTEGER", nullable: true),
                    MadeAt = table.Column<long>(type: "INTEGER", nullable: false),
                    MadeById = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_WriterMarks", x => x.Id);
                    table.ForeignKey(
                        name: "FK_WriterMarks_AspNetUsers_MadeById",
                        column: x => x.MadeById,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_WriterMarks_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "BlogFields",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BlogId = table.Column<long>(type: "INTEGER", nullable: false),
                    Position = table.Column<int>(type: "INTEGER", nullable: false),
                    Definition = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_BlogFields", x => x.Id);
                    table.ForeignKey(
                        name: "FK_BlogFields_Blogs_BlogId",
                        column: x => x.BlogId,
                        principalTable: "Blogs",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Followings",
                columns: table => new
                {
                    BlogId = table.Column<long>(type: "INTEGER", nullable: false),
                    FeedAddress = table.Column<string>(type: "TEXT", nullable: false),
                    Standing = table.Column<string>(type: "TEXT", nullable: false, defaultValue: "Active"),
                    Host = table.Column<string>(type: "TEXT", nullable: true),
                    ETag = table.Column<string>(type: "TEXT", nullable: true),
                    LastModified = table.Column<string>(type: "TEXT", nullable: true),
                    LastVisitAt = table.Column<long>(type: "INTEGER", nullable: true),
                    LastGoodAt = table.Column<long>(type: "INTEGER", nullable: true),
                    NextVisitAt = table.Column<long>(type: "INTEGER", nullable: false),
                    PauseSeconds = table.Column<int>(type: "INTEGER", nullable: false),
                    PauseReason = table.Column<string>(type: "TEXT", nullable: false, defaultValueSql: "'Usual'"),
                    Asked = table.Column<string>(type: "TEXT", nullable: true),
                    MaxAgeSeconds = table.Column<int>(type: "INTEGER", nullable: true),
                    Entries = table.Column<int>(type: "INTEGER", nullable: false),
                    IdsChange = table.Column<bool>(type: "INTEGER", nullable: false),
                    Failures = table.Column<int>(type: "INTEGER", nullable: false),
                    Problem = table.Column<string>(type: "TEXT", nullable: true),
                    ProblemDetail = table.Column<string>(type: "TEXT", nullable: true),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Followings", x => x.BlogId);
                    table.ForeignKey(
                        name: "FK_Followings_Blogs_BlogId",
                        column: x => x.BlogId,
                        principalTable: "Blogs",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

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
                    DueAt = table.Column<long>(type: "INTEGER", nullable: true),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false)
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
                    EveryMinutes = table.Column<int>(type: "INTEGER", nullable: true),
                    NextAt = table.Column<long>(type: "INTEGER", nullable: true),
                    LastWords = table.Column<string>(type: "TEXT", nullable: true),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false)
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
                name: "Posts",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    BlogId = table.Column<long>(type: "INTEGER", nullable: false),
                    Title = table.Column<string>(type: "TEXT", nullable: false),
                    Slug = table.Column<string>(type: "TEXT", nullable: false),
                    BodyHtml = table.Column<string>(type: "TEXT", nullable: false),
                    Excerpt = table.Column<string>(type: "TEXT", nullable: true),
                    PictureAddress = table.Column<string>(type: "TEXT", nullable: true),
                    PictureAlt = table.Column<string>(type: "TEXT", nullable: true),
                    FocusX = table.Column<int>(type: "INTEGER", nullable: false),
                    FocusY = table.Column<int>(type: "INTEGER", nullable: false),
                    Author = table.Column<string>(type: "TEXT", nullable: true),
                    Category = table.Column<string>(type: "TEXT", nullable: true),
                    MoreCategories = table.Column<string>(type: "TEXT", nullable: false),
                    Tags = table.Column<string>(type: "TEXT", nullable: false),
                    IsFeatured = table.Column<bool>(type: "INTEGER", nullable: false),
                    Status = table.Column<string>(type: "TEXT", nullable: false),
                    PublishedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    UpdatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    SourceId = table.Column<string>(type: "TEXT", nullable: true),
                    SourceAddress = table.Column<string>(type: "TEXT", nullable: true),
                    AboutAddress = table.Column<string>(type: "TEXT", nullable: true),
                    PlainText = table.Column<string>(type: "TEXT", nullable: true),
                    IsPinned = table.Column<bool>(type: "INTEGER", nullable: false),
                    Details = table.Column<string>(type: "TEXT", nullable: false),
                    OwnValues = table.Column<string>(type: "TEXT", nullable: false),
                    Findings = table.Column<int>(type: "INTEGER", nullable: true),
                    ListedAt = table.Column<long>(type: "INTEGER", nullable: false, computedColumnSql: "COALESCE(PublishedAt, UpdatedAt)", stored: false),
                    PublishLocal = table.Column<string>(type: "TEXT", nullable: true),
                    ReviewerId = table.Column<long>(type: "INTEGER", nullable: true),
                    ReviewNote = table.Column<string>(type: "TEXT", nullable: true),
                    ImportId = table.Column<long>(type: "INTEGER", nullable: true),
                    ImportKey = table.Column<string>(type: "TEXT", nullable: true),
                    ImportMark = table.Column<string>(type: "TEXT", nullable: true),
                    DeletedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Revision = table.Column<int>(type: "INTEGER", nullable: false),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Posts", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Posts_Blogs_BlogId",
                        column: x => x.BlogId,
                        principalTable: "Blogs",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "WatchedFeeds",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Address = table.Column<string>(type: "TEXT", nullable: false),
                    BlogId = table.Column<long>(type: "INTEGER", nullable: true),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    NextCheckAt = table.Column<long>(type: "INTEGER", nullable: false),
                    CheckedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Failures = table.Column<int>(type: "INTEGER", nullable: false),
                    ETag = table.Column<string>(type: "TEXT", nullable: true),
                    LastModified = table.Column<string>(type: "TEXT", nullable: true),
                    WasGood = table.Column<bool>(type: "INTEGER", nullable: true),
                    RepairKey = table.Column<string>(type: "TEXT", nullable: true),
                    Repaired = table.Column<byte[]>(type: "BLOB", nullable: true),
                    RepairedType = table.Column<string>(type: "TEXT", nullable: true),
                    RepairedChanges = table.Column<int>(type: "INTEGER", nullable: false),
                    RepairedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_WatchedFeeds", x => x.Id);
                    table.ForeignKey(
                        name: "FK_WatchedFeeds_Blogs_BlogId",
                        column: x => x.BlogId,
                        principalTable: "Blogs",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_WatchedFeeds_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ChannelStarts",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    ChannelId = table.Column<long>(type: "INTEGER", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ChannelStarts", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ChannelStarts_Channels_ChannelId",
                        column: x => x.ChannelId,
                        principalTable: "Channels",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Sightings",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    ListingId = table.Column<long>(type: "INTEGER", nullable: false),
                    PageAddress = table.Column<string>(type: "TEXT", nullable: false),
                    LookedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    SeenAt = table.Column<long>(type: "INTEGER", nullable: true),
                    IsThere = table.Column<bool>(type: "INTEGER", nullable: false),
                    ConfirmedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    ConfirmingAt = table.Column<long>(type: "INTEGER", nullable: true),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Sightings", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Sightings_Listings_ListingId",
                        column: x => x.ListingId,
                        principalTable: "Listings",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "NoticeMails",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    NoticeId = table.Column<long>(type: "INTEGER", nullable: false),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Address = table.Column<string>(type: "TEXT", nullable: false),
                    SentAt = table.Column<long>(type: "INTEGER", nullable: true),
                    FailedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Attempts = table.Column<int>(type: "INTEGER", nullable: false),
                    NextAttemptAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_NoticeMails", x => x.Id);
                    table.ForeignKey(
                        name: "FK_NoticeMails_Notices_NoticeId",
                        column: x => x.NoticeId,
                        principalTable: "Notices",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Digests",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Settings = table.Column<string>(type: "TEXT", nullable: false),
                    SegmentId = table.Column<long>(type: "INTEGER", nullable: true),
                    IsUsual = table.Column<bool>(type: "INTEGER", nullable: false),
                    PausedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    NextAt = table.Column<long>(type: "INTEGER", nullable: true),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    ArchivedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Digests", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Digests_Segments_SegmentId",
                        column: x => x.SegmentId,
                        principalTable: "Segments",
                        principalColumn: "Id");
                    table.ForeignKey(
                        name: "FK_Digests_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Subscribers",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Mail = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: true),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Origin = table.Column<string>(type: "TEXT", nullable: false),
                    Reason = table.Column<string>(type: "TEXT", nullable: true),
                    LeftAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Categories = table.Column<string>(type: "TEXT", nullable: false),
                    Digests = table.Column<string>(type: "TEXT", nullable: true),
                    PausedUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    Suppressed = table.Column<string>(type: "TEXT", nullable: true),
                    SuppressedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    SoftBounces = table.Column<int>(type: "INTEGER", nullable: false),
                    LastReturn = table.Column<string>(type: "TEXT", nullable: true),
                    FormId = table.Column<long>(type: "INTEGER", nullable: true),
                    Consent = table.Column<string>(type: "TEXT", nullable: true),
                    ConsentVersion = table.Column<int>(type: "INTEGER", nullable: true),
                    SeenAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Subscribers", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Subscribers_SignUpForms_FormId",
                        column: x => x.FormId,
                        principalTable: "SignUpForms",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_Subscribers_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "FeedMoves",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BlogId = table.Column<long>(type: "INTEGER", nullable: false),
                    From = table.Column<string>(type: "TEXT", nullable: false),
                    To = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_FeedMoves", x => x.Id);
                    table.ForeignKey(
                        name: "FK_FeedMoves_Followings_BlogId",
                        column: x => x.BlogId,
                        principalTable: "Followings",
                        principalColumn: "BlogId",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "FeedVisits",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BlogId = table.Column<long>(type: "INTEGER", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    Outcome = table.Column<string>(type: "TEXT", nullable: false),
                    Status = table.Column<int>(type: "INTEGER", nullable: true),
                    Milliseconds = table.Column<int>(type: "INTEGER", nullable: false),
                    Bytes = table.Column<int>(type: "INTEGER", nullable: false),
                    NewEntries = table.Column<int>(type: "INTEGER", nullable: false),
                    ChangedEntries = table.Column<int>(type: "INTEGER", nullable: false),
                    Problem = table.Column<string>(type: "TEXT", nullable: true),
                    ProblemDetail = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_FeedVisits", x => x.Id);
                    table.ForeignKey(
                        name: "FK_FeedVisits_Followings_BlogId",
                        column: x => x.BlogId,
                        principalTable: "Followings",
                        principalColumn: "BlogId",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "HubSubscriptions",
                columns: table => new
                {
                    BlogId = table.Column<long>(type: "INTEGER", nullable: false),
                    Hub = table.Column<string>(type: "TEXT", nullable: false),
                    Topic = table.Column<string>(type: "TEXT", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Secret = table.Column<string>(type: "TEXT", nullable: false),
                    State = table.Column<string>(type: "TEXT", nullable: false),
                    AskedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    LeaseUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    RenewAt = table.Column<long>(type: "INTEGER", nullable: false),
                    PushedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_HubSubscriptions", x => x.BlogId);
                    table.ForeignKey(
                        name: "FK_HubSubscriptions_Followings_BlogId",
                        column: x => x.BlogId,
                        principalTable: "Followings",
                        principalColumn: "BlogId",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ArrivalCounts",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Day = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    PostId = table.Column<long>(type: "INTEGER", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Source = table.Column<string>(type: "TEXT", nullable: false),
                    Count = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ArrivalCounts", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ArrivalCounts_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ChannelDeliveries",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    ChannelId = table.Column<long>(type: "INTEGER", nullable: false),
                    PostId = table.Column<long>(type: "INTEGER", nullable: true),
                    Act = table.Column<string>(type: "TEXT", nullable: false),
                    Target = table.Column<string>(type: "TEXT", nullable: false),
                    Round = table.Column<int>(type: "INTEGER", nullable: false),
                    State = table.Column<string>(type: "TEXT", nullable: false),
                    PlannedFor = table.Column<long>(type: "INTEGER", nullable: false),
                    NextAttemptAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Attempts = table.Column<int>(type: "INTEGER", nullable: false),
                    Held = table.Column<string>(type: "TEXT", nullable: true),
                    OwnText = table.Column<string>(type: "TEXT", nullable: true),
                    Turn = table.Column<int>(type: "INTEGER", nullable: false),
                    Sent = table.Column<string>(type: "TEXT", nullable: true),
                    Answer = table.Column<string>(type: "TEXT", nullable: true),
                    ReceivedAddress = table.Column<string>(type: "TEXT", nullable: true),
                    EditAddress = table.Column<string>(type: "TEXT", nullable: true),
                    Counts = table.Column<string>(type: "TEXT", nullable: true),
                    CountedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    CountNextAt = table.Column<long>(type: "INTEGER", nullable: true),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    DeliveredAt = table.Column<long>(type: "INTEGER", nullable: true),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ChannelDeliveries", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ChannelDeliveries_Channels_ChannelId",
                        column: x => x.ChannelId,
                        principalTable: "Channels",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_ChannelDeliveries_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Mentions",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    PostId = table.Column<long>(type: "INTEGER", nullable: false),
                    Source = table.Column<string>(type: "TEXT", nullable: false),
                    Host = table.Column<string>(type: "TEXT", nullable: false),
                    Target = table.Column<string>(type: "TEXT", nullable: false),
                    Way = table.Column<string>(type: "TEXT", nullable: false),
                    State = table.Column<string>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Title = table.Column<string>(type: "TEXT", nullable: true),
                    AuthorAddress = table.Column<string>(type: "TEXT", nullable: true),
                    PublishedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    ReceivedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    ReadAt = table.Column<long>(type: "INTEGER", nullable: true),
                    NextReadAt = table.Column<long>(type: "INTEGER", nullable: true),
                    Attempts = table.Column<int>(type: "INTEGER", nullable: false),
                    Problem = table.Column<string>(type: "TEXT", nullable: true),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Mentions", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Mentions_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_Mentions_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "PostChanges",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    PostId = table.Column<long>(type: "INTEGER", nullable: false),
                    Act = table.Column<string>(type: "TEXT", nullable: false),
                    DueAt = table.Column<long>(type: "INTEGER", nullable: false),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_PostChanges", x => x.Id);
                    table.ForeignKey(
                        name: "FK_PostChanges_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "PostPresences",
                columns: table => new
                {
                    PostId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonName = table.Column<string>(type: "TEXT", nullable: false),
                    SeenAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_PostPresences", x => new { x.PostId, x.PersonId });
                    table.ForeignKey(
                        name: "FK_PostPresences_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "PostVersions",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    PostId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: true),
                    PersonName = table.Column<string>(type: "TEXT", nullable: true),
                    BeganAt = table.Column<long>(type: "INTEGER", nullable: false),
                    SavedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    WasPublic = table.Column<bool>(type: "INTEGER", nullable: false),
                    Title = table.Column<string>(type: "TEXT", nullable: false),
                    BodyHtml = table.Column<string>(type: "TEXT", nullable: false),
                    Excerpt = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_PostVersions", x => x.Id);
                    table.ForeignKey(
                        name: "FK_PostVersions_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "PreviewLinks",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    PostId = table.Column<long>(type: "INTEGER", nullable: false),
                    MadeAt = table.Column<long>(type: "INTEGER", nullable: false),
                    ExpiresAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_PreviewLinks", x => x.Id);
                    table.ForeignKey(
                        name: "FK_PreviewLinks_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Questions",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    PostId = table.Column<long>(type: "INTEGER", nullable: true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Mail = table.Column<string>(type: "TEXT", nullable: false),
                    Message = table.Column<string>(type: "TEXT", nullable: false),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    DoneAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Questions", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Questions_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_Questions_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ReviewRemarks",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    PostId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonName = table.Column<string>(type: "TEXT", nullable: false),
                    Passage = table.Column<string>(type: "TEXT", nullable: true),
                    Text = table.Column<string>(type: "TEXT", nullable: false),
                    MadeAt = table.Column<long>(type: "INTEGER", nullable: false),
                    DoneAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ReviewRemarks", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ReviewRemarks_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Threads",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    Identifier = table.Column<string>(type: "TEXT", nullable: false),
                    Address = table.Column<string>(type: "TEXT", nullable: true),
                    FoldedAddress = table.Column<string>(type: "TEXT", nullable: true),
                    Title = table.Column<string>(type: "TEXT", nullable: false),
                    PostId = table.Column<long>(type: "INTEGER", nullable: true),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    Version = table.Column<long>(type: "INTEGER", nullable: false),
                    Settings = table.Column<string>(type: "TEXT", nullable: false),
                    Reactions = table.Column<string>(type: "TEXT", nullable: false),
                    PublicCount = table.Column<int>(type: "INTEGER", nullable: false, defaultValue: 0)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Threads", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Threads_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_Threads_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "WaitingChanges",
                columns: table => new
                {
                    PostId = table.Column<long>(type: "INTEGER", nullable: false),
                    Content = table.Column<string>(type: "TEXT", nullable: false),
                    PersonName = table.Column<string>(type: "TEXT", nullable: false),
                    SavedAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_WaitingChanges", x => x.PostId);
                    table.ForeignKey(
                        name: "FK_WaitingChanges_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "WatchRecords",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    WatchedFeedId = table.Column<long>(type: "INTEGER", nullable: false),
                    From = table.Column<long>(type: "INTEGER", nullable: false),
                    Until = table.Column<long>(type: "INTEGER", nullable: false),
                    Checks = table.Column<int>(type: "INTEGER", nullable: false),
                    Verdict = table.Column<string>(type: "TEXT", nullable: true),
                    Problem = table.Column<string>(type: "TEXT", nullable: true),
                    ProblemDetail = table.Column<string>(type: "TEXT", nullable: true),
                    Errors = table.Column<int>(type: "INTEGER", nullable: false),
                    Warnings = table.Column<int>(type: "INTEGER", nullable: false),
                    Advice = table.Column<int>(type: "INTEGER", nullable: false),
                    Findings = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_WatchRecords", x => x.Id);
                    table.ForeignKey(
                        name: "FK_WatchRecords_WatchedFeeds_WatchedFeedId",
                        column: x => x.WatchedFeedId,
                        principalTable: "WatchedFeeds",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Editions",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    DigestId = table.Column<long>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Occasion = table.Column<string>(type: "TEXT", nullable: false),
                    State = table.Column<string>(type: "TEXT", nullable: false),
                    PausedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    DueAt = table.Column<long>(type: "INTEGER", nullable: false),
                    FinishedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    GatheredTo = table.Column<long>(type: "INTEGER", nullable: false),
                    Settings = table.Column<string>(type: "TEXT", nullable: false),
                    Total = table.Column<int>(type: "INTEGER", nullable: false),
                    Delivered = table.Column<int>(type: "INTEGER", nullable: false),
                    Failed = table.Column<int>(type: "INTEGER", nullable: false),
                    Cancelled = table.Column<int>(type: "INTEGER", nullable: false),
                    Opens = table.Column<int>(type: "INTEGER", nullable: false),
                    Left = table.Column<int>(type: "INTEGER", nullable: false),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Editions", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Editions_Digests_DigestId",
                        column: x => x.DigestId,
                        principalTable: "Digests",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ChannelAttempts",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    DeliveryId = table.Column<long>(type: "INTEGER", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false),
                    Milliseconds = table.Column<int>(type: "INTEGER", nullable: false),
                    Outcome = table.Column<string>(type: "TEXT", nullable: false),
                    Answer = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ChannelAttempts", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ChannelAttempts_ChannelDeliveries_DeliveryId",
                        column: x => x.DeliveryId,
                        principalTable: "ChannelDeliveries",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Comments",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    ThreadId = table.Column<long>(type: "INTEGER", nullable: false),
                    ParentId = table.Column<long>(type: "INTEGER", nullable: true),
                    Author = table.Column<string>(type: "TEXT", nullable: false),
                    Mail = table.Column<string>(type: "TEXT", nullable: true),
                    IsTeam = table.Column<bool>(type: "INTEGER", nullable: false),
                    Text = table.Column<string>(type: "TEXT", nullable: false),
                    Html = table.Column<string>(type: "TEXT", nullable: false),
                    Standing = table.Column<string>(type: "TEXT", nullable: false),
                    WaitReason = table.Column<string>(type: "TEXT", nullable: true),
                    Trace = table.Column<string>(type: "TEXT", nullable: true),
                    TextKey = table.Column<string>(type: "TEXT", nullable: true),
                    PlaceKey = table.Column<string>(type: "TEXT", nullable: true),
                    NetworkKey = table.Column<string>(type: "TEXT", nullable: true),
                    OwnerKey = table.Column<string>(type: "TEXT", nullable: true),
                    RootId = table.Column<long>(type: "INTEGER", nullable: true),
                    Answers = table.Column<int>(type: "INTEGER", nullable: false, defaultValue: 0),
                    IsShown = table.Column<bool>(type: "INTEGER", nullable: false, computedColumnSql: "\"Standing\" = 'Public' OR \"Answers\" > 0", stored: false),
                    Best = table.Column<double>(type: "REAL", nullable: false),
                    Rating = table.Column<int>(type: "INTEGER", nullable: true),
                    Reactions = table.Column<string>(type: "TEXT", nullable: false),
                    EditedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    IsEditedByTeam = table.Column<bool>(type: "INTEGER", nullable: false),
                    AssignedToId = table.Column<long>(type: "INTEGER", nullable: true),
                    IsConfirmed = table.Column<bool>(type: "INTEGER", nullable: false),
                    Up = table.Column<int>(type: "INTEGER", nullable: false),
                    Down = table.Column<int>(type: "INTEGER", nullable: false),
                    Reports = table.Column<int>(type: "INTEGER", nullable: false),
                    ReportsKept = table.Column<int>(type: "INTEGER", nullable: false),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    DecidedAt = table.Column<long>(type: "INTEGER", nullable: true),
                    DecidedById = table.Column<long>(type: "INTEGER", nullable: true),
                    ToldAt = table.Column<long>(type: "INTEGER", nullable: true),
                    PictureId = table.Column<long>(type: "INTEGER", nullable: true),
                    MentionId = table.Column<long>(type: "INTEGER", nullable: true),
                    SubmissionKey = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Comments", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Comments_Mentions_MentionId",
                        column: x => x.MentionId,
                        principalTable: "Mentions",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_Comments_Pictures_PictureId",
                        column: x => x.PictureId,
                        principalTable: "Pictures",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_Comments_Threads_ThreadId",
                        column: x => x.ThreadId,
                        principalTable: "Threads",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ThreadAliases",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    ThreadId = table.Column<long>(type: "INTEGER", nullable: false),
                    Identifier = table.Column<string>(type: "TEXT", nullable: true),
                    FoldedAddress = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ThreadAliases", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ThreadAliases_Threads_ThreadId",
                        column: x => x.ThreadId,
                        principalTable: "Threads",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "ThreadFollows",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    ThreadId = table.Column<long>(type: "INTEGER", nullable: false),
                    Mail = table.Column<string>(type: "TEXT", nullable: false),
                    OnlyAnswers = table.Column<bool>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    MadeAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ThreadFollows", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ThreadFollows_Sites_SiteId",
                        column: x => x.SiteId,
                        principalTable: "Sites",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                    table.ForeignKey(
                        name: "FK_ThreadFollows_Threads_ThreadId",
                        column: x => x.ThreadId,
                        principalTable: "Threads",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Deliveries",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    EditionId = table.Column<long>(type: "INTEGER", nullable: false),
                    SubscriberId = table.Column<long>(type: "INTEGER", nullable: false),
                    IsSecond = table.Column<bool>(type: "INTEGER", nullable: false),
                    State = table.Column<string>(type: "TEXT", nullable: false),
                    Attempts = table.Column<int>(type: "INTEGER", nullable: false),
                    NextAttemptAt = table.Column<long>(type: "INTEGER", nullable: false),
                    CreatedAt = table.Column<long>(type: "INTEGER", nullable: false),
                    DeliveredAt = table.Column<long>(type: "INTEGER", nullable: true),
                    LastAnswer = table.Column<string>(type: "TEXT", nullable: true),
                    Returned = table.Column<int>(type: "INTEGER", nullable: true),
                    HeldUntil = table.Column<long>(type: "INTEGER", nullable: true),
                    ClaimNumber = table.Column<long>(type: "INTEGER", nullable: false),
                    Unfinished = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Deliveries", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Deliveries_Editions_EditionId",
                        column: x => x.EditionId,
                        principalTable: "Editions",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_Deliveries_Subscribers_SubscriberId",
                        column: x => x.SubscriberId,
                        principalTable: "Subscribers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "EditionLinks",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    EditionId = table.Column<long>(type: "INTEGER", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false),
                    Address = table.Column<string>(type: "TEXT", nullable: false),
                    Clicks = table.Column<int>(type: "INTEGER", nullable: false),
                    SecondClicks = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_EditionLinks", x => x.Id);
                    table.ForeignKey(
                        name: "FK_EditionLinks_Editions_EditionId",
                        column: x => x.EditionId,
                        principalTable: "Editions",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "EditionPosts",
                columns: table => new
                {
                    EditionId = table.Column<long>(type: "INTEGER", nullable: false),
                    PostId = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_EditionPosts", x => new { x.EditionId, x.PostId });
                    table.ForeignKey(
                        name: "FK_EditionPosts_Editions_EditionId",
                        column: x => x.EditionId,
                        principalTable: "Editions",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_EditionPosts_Posts_PostId",
                        column: x => x.PostId,
                        principalTable: "Posts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "CommentDeeds",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    CommentId = table.Column<long>(type: "INTEGER", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Before = table.Column<string>(type: "TEXT", nullable: true),
                    After = table.Column<string>(type: "TEXT", nullable: true),
                    Way = table.Column<string>(type: "TEXT", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: true),
                    PersonName = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CommentDeeds", x => x.Id);
                    table.ForeignKey(
                        name: "FK_CommentDeeds_AspNetUsers_PersonId",
                        column: x => x.PersonId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_CommentDeeds_Comments_CommentId",
                        column: x => x.CommentId,
                        principalTable: "Comments",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "CommentNotes",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    CommentId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: true),
                    PersonName = table.Column<string>(type: "TEXT", nullable: false),
                    Text = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CommentNotes", x => x.Id);
                    table.ForeignKey(
                        name: "FK_CommentNotes_AspNetUsers_PersonId",
                        column: x => x.PersonId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_CommentNotes_Comments_CommentId",
                        column: x => x.CommentId,
                        principalTable: "Comments",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "CommentReactions",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    ThreadId = table.Column<long>(type: "INTEGER", nullable: false),
                    CommentId = table.Column<long>(type: "INTEGER", nullable: true),
                    ReaderKey = table.Column<string>(type: "TEXT", nullable: false),
                    PlaceKey = table.Column<string>(type: "TEXT", nullable: true),
                    Sign = table.Column<string>(type: "TEXT", nullable: false),
                    GivenAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CommentReactions", x => x.Id);
                    table.ForeignKey(
                        name: "FK_CommentReactions_Comments_CommentId",
                        column: x => x.CommentId,
                        principalTable: "Comments",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_CommentReactions_Threads_ThreadId",
                        column: x => x.ThreadId,
                        principalTable: "Threads",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "CommentReports",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    CommentId = table.Column<long>(type: "INTEGER", nullable: false),
                    ReaderKey = table.Column<string>(type: "TEXT", nullable: false),
                    PlaceKey = table.Column<string>(type: "TEXT", nullable: true),
                    Reason = table.Column<int>(type: "INTEGER", nullable: false),
                    Words = table.Column<string>(type: "TEXT", nullable: true),
                    MadeAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CommentReports", x => x.Id);
                    table.ForeignKey(
                        name: "FK_CommentReports_Comments_CommentId",
                        column: x => x.CommentId,
                        principalTable: "Comments",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "CommentVotes",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    CommentId = table.Column<long>(type: "INTEGER", nullable: false),
                    ReaderKey = table.Column<string>(type: "TEXT", nullable: false),
                    PlaceKey = table.Column<string>(type: "TEXT", nullable: true),
                    IsUp = table.Column<bool>(type: "INTEGER", nullable: false),
                    GivenAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CommentVotes", x => x.Id);
                    table.ForeignKey(
                        name: "FK_CommentVotes_Comments_CommentId",
                        column: x => x.CommentId,
                        principalTable: "Comments",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "DecisionLinks",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Hash = table.Column<string>(type: "TEXT", nullable: false),
                    SiteId = table.Column<long>(type: "INTEGER", nullable: false),
                    CommentId = table.Column<long>(type: "INTEGER", nullable: false),
                    PersonId = table.Column<long>(type: "INTEGER", nullable: false),
                    ExpiresAt = table.Column<long>(type: "INTEGER", nullable: false),
                    UsedAt = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_DecisionLinks", x => x.Id);
                    table.ForeignKey(
                        name: "FK_DecisionLinks_AspNetUsers_PersonId",
                        column: x => x.PersonId,
                        principalTable: "AspNetUsers",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_DecisionLinks_Comments_CommentId",
                        column: x => x.CommentId,
                        principalTable: "Comments",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_ApiTokens_Hash",
                table: "ApiTokens",
                column: "Hash",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_ApiTokens_PersonId",
                table: "ApiTokens",
                column: "PersonId");

            migrationBuilder.CreateIndex(
                name: "IX_ArrivalCounts_PostId",
                table: "ArrivalCounts",
                column: "PostId");

            migrationBuilder.CreateIndex(
                name: "IX_ArrivalCounts_SiteId_Day_PostId_Kind_Source",
                table: "ArrivalCounts",
                columns: new[] { "SiteId", "Day", "PostId", "Kind", "Source" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_AspNetUserClaims_UserId",
                table: "AspNetUserClaims",
                column: "UserId");

            migrationBuilder.CreateIndex(
                name: "IX_AspNetUserLogins_UserId",
                table: "AspNetUserLogins",
                column: "UserId");

            migrationBuilder.CreateIndex(
                name: "EmailIndex",
                table: "AspNetUsers",
                column: "NormalizedEmail");

            migrationBuilder.CreateIndex(
                name: "UserNameIndex",
                table: "AspNetUsers",
                column: "NormalizedUserName",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Authors_SiteId_Name",
                table: "Authors",
                columns: new[] { "SiteId", "Name" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_BlogFields_BlogId_Position",
                table: "BlogFields",
                columns: new[] { "BlogId", "Position" });

            migrationBuilder.CreateIndex(
                name: "IX_Blogs_HostName",
                table: "Blogs",
                column: "HostName",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Blogs_Key",
                table: "Blogs",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Blogs_SiteId",
                table: "Blogs",
                column: "SiteId");

            migrationBuilder.CreateIndex(
                name: "IX_BulkChanges_SiteId_MadeAt",
                table: "BulkChanges",
                columns: new[] { "SiteId", "MadeAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Categories_SiteId_Name",
                table: "Categories",
                columns: new[] { "SiteId", "Name" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_ChannelAttempts_DeliveryId",
                table: "ChannelAttempts",
                column: "DeliveryId");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_Ahead",
                table: "ChannelDeliveries",
                columns: new[] { "ChannelId", "PlannedFor" },
                filter: "\"State\" IN ('Queued', 'Sending', 'Retrying')");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_ChannelId_PostId_Target_Round",
                table: "ChannelDeliveries",
                columns: new[] { "ChannelId", "PostId", "Target", "Round" },
                unique: true,
                filter: "\"Act\" = 'Publish'");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_CountNextAt",
                table: "ChannelDeliveries",
                column: "CountNextAt",
                filter: "\"CountNextAt\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_HeldUntil",
                table: "ChannelDeliveries",
                column: "HeldUntil",
                filter: "\"HeldUntil\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_Key",
                table: "ChannelDeliveries",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_NextAttemptAt",
                table: "ChannelDeliveries",
                column: "NextAttemptAt",
                filter: "\"State\" IN ('Queued', 'Sending', 'Retrying')");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_PostId",
                table: "ChannelDeliveries",
                column: "PostId");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_SiteId_PlannedFor_Id",
                table: "ChannelDeliveries",
                columns: new[] { "SiteId", "PlannedFor", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_SiteId_State_PostId",
                table: "ChannelDeliveries",
                columns: new[] { "SiteId", "State", "PostId" });

            migrationBuilder.CreateIndex(
                name: "IX_ChannelDeliveries_Turn",
                table: "ChannelDeliveries",
                columns: new[] { "ChannelId", "NextAttemptAt", "Id" },
                filter: "\"State\" IN ('Queued', 'Sending', 'Retrying')");

            migrationBuilder.CreateIndex(
                name: "IX_Channels_SiteId",
                table: "Channels",
                column: "SiteId");

            migrationBuilder.CreateIndex(
                name: "IX_ChannelStarts_ChannelId_At",
                table: "ChannelStarts",
                columns: new[] { "ChannelId", "At" });

            migrationBuilder.CreateIndex(
                name: "IX_CommentDeeds_CommentId",
                table: "CommentDeeds",
                column: "CommentId");

            migrationBuilder.CreateIndex(
                name: "IX_CommentDeeds_PersonId",
                table: "CommentDeeds",
                column: "PersonId");

            migrationBuilder.CreateIndex(
                name: "IX_CommentDeeds_SiteId_Id",
                table: "CommentDeeds",
                columns: new[] { "SiteId", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_CommentLooks_CommentId",
                table: "CommentLooks",
                column: "CommentId");

            migrationBuilder.CreateIndex(
                name: "IX_CommentNotes_CommentId",
                table: "CommentNotes",
                column: "CommentId");

            migrationBuilder.CreateIndex(
                name: "IX_CommentNotes_PersonId",
                table: "CommentNotes",
                column: "PersonId");

            migrationBuilder.CreateIndex(
                name: "IX_CommentReactions_CommentId",
                table: "CommentReactions",
                column: "CommentId");

            migrationBuilder.CreateIndex(
                name: "IX_CommentReactions_ThreadId_CommentId_ReaderKey_Sign",
                table: "CommentReactions",
                columns: new[] { "ThreadId", "CommentId", "ReaderKey", "Sign" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_CommentReports_CommentId_PlaceKey",
                table: "CommentReports",
                columns: new[] { "CommentId", "PlaceKey" });

            migrationBuilder.CreateIndex(
                name: "IX_CommentReports_CommentId_ReaderKey",
                table: "CommentReports",
                columns: new[] { "CommentId", "ReaderKey" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Key",
                table: "Comments",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Comments_MentionId",
                table: "Comments",
                column: "MentionId",
                unique: true,
                filter: "\"MentionId\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_PictureId",
                table: "Comments",
                column: "PictureId",
                filter: "\"PictureId\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Reported",
                table: "Comments",
                columns: new[] { "SiteId", "Standing", "Id" },
                filter: "\"Reports\" > \"ReportsKept\"");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_RootId",
                table: "Comments",
                column: "RootId",
                filter: "\"RootId\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_SiteId_DecidedById_DecidedAt",
                table: "Comments",
                columns: new[] { "SiteId", "DecidedById", "DecidedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_SiteId_Mail",
                table: "Comments",
                columns: new[] { "SiteId", "Mail" });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_SiteId_NetworkKey_CreatedAt",
                table: "Comments",
                columns: new[] { "SiteId", "NetworkKey", "CreatedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_SiteId_OwnerKey",
                table: "Comments",
                columns: new[] { "SiteId", "OwnerKey" },
                filter: "\"OwnerKey\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_SiteId_PlaceKey_CreatedAt",
                table: "Comments",
                columns: new[] { "SiteId", "PlaceKey", "CreatedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_SiteId_Standing_Id",
                table: "Comments",
                columns: new[] { "SiteId", "Standing", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_SiteId_TextKey_CreatedAt",
                table: "Comments",
                columns: new[] { "SiteId", "TextKey", "CreatedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_ThreadId_CreatedAt",
                table: "Comments",
                columns: new[] { "ThreadId", "CreatedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_ThreadId_Standing_CreatedAt",
                table: "Comments",
                columns: new[] { "ThreadId", "Standing", "CreatedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Comments_ThreadId_SubmissionKey",
                table: "Comments",
                columns: new[] { "ThreadId", "SubmissionKey" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Answers",
                table: "Comments",
                columns: new[] { "ThreadId", "Answers", "Id" },
                descending: new[] { false, true, false },
                filter: "\"RootId\" IS NULL AND \"IsShown\"");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Best",
                table: "Comments",
                columns: new[] { "ThreadId", "Best", "Id" },
                descending: new[] { false, true, false },
                filter: "\"RootId\" IS NULL AND \"IsShown\"");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Down",
                table: "Comments",
                columns: new[] { "ThreadId", "Down", "Id" },
                descending: new[] { false, true, false },
                filter: "\"RootId\" IS NULL AND \"IsShown\"");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Time",
                table: "Comments",
                columns: new[] { "ThreadId", "CreatedAt", "Id" },
                filter: "\"RootId\" IS NULL AND \"IsShown\"");

            migrationBuilder.CreateIndex(
                name: "IX_Comments_Top_Up",
                table: "Comments",
                columns: new[] { "ThreadId", "Up", "Id" },
                descending: new[] { false, true, false },
                filter: "\"RootId\" IS NULL AND \"IsShown\"");

            migrationBuilder.CreateIndex(
                name: "IX_CommentVotes_CommentId_PlaceKey",
                table: "CommentVotes",
                columns: new[] { "CommentId", "PlaceKey" });

            migrationBuilder.CreateIndex(
                name: "IX_CommentVotes_CommentId_ReaderKey",
                table: "CommentVotes",
                columns: new[] { "CommentId", "ReaderKey" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_DecisionLinks_CommentId",
                table: "DecisionLinks",
                column: "CommentId");

            migrationBuilder.CreateIndex(
                name: "IX_DecisionLinks_Hash",
                table: "DecisionLinks",
                column: "Hash",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_DecisionLinks_PersonId",
                table: "DecisionLinks",
                column: "PersonId");

            migrationBuilder.CreateIndex(
                name: "IX_Deliveries_EditionId_State_Id",
                table: "Deliveries",
                columns: new[] { "EditionId", "State", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_Deliveries_EditionId_SubscriberId",
                table: "Deliveries",
                columns: new[] { "EditionId", "SubscriberId" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Deliveries_Key",
                table: "Deliveries",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Deliveries_NextAttemptAt",
                table: "Deliveries",
                column: "NextAttemptAt",
                filter: "\"State\" IN ('Queued', 'Sending', 'Retrying')");

            migrationBuilder.CreateIndex(
                name: "IX_Deliveries_SubscriberId_State",
                table: "Deliveries",
                columns: new[] { "SubscriberId", "State" });

            migrationBuilder.CreateIndex(
                name: "IX_Digests_NextAt",
                table: "Digests",
                column: "NextAt");

            migrationBuilder.CreateIndex(
                name: "IX_Digests_SegmentId",
                table: "Digests",
                column: "SegmentId");

            migrationBuilder.CreateIndex(
                name: "IX_Digests_SiteId",
                table: "Digests",
                column: "SiteId");

            migrationBuilder.CreateIndex(
                name: "IX_EditionLinks_EditionId_Address",
                table: "EditionLinks",
                columns: new[] { "EditionId", "Address" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_EditionLinks_Key",
                table: "EditionLinks",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_EditionPosts_PostId",
                table: "EditionPosts",
                column: "PostId");

            migrationBuilder.CreateIndex(
                name: "IX_Editions_DigestId_Occasion",
                table: "Editions",
                columns: new[] { "DigestId", "Occasion" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Editions_Key",
                table: "Editions",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Editions_SiteId_DueAt_Id",
                table: "Editions",
                columns: new[] { "SiteId", "DueAt", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_Editions_State",
                table: "Editions",
                column: "State");

            migrationBuilder.CreateIndex(
                name: "IX_FeedMoves_BlogId",
                table: "FeedMoves",
                column: "BlogId");

            migrationBuilder.CreateIndex(
                name: "IX_FeedSettings_SiteId_Subject_SubjectId",
                table: "FeedSettings",
                columns: new[] { "SiteId", "Subject", "SubjectId" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_FeedVisits_BlogId_Id",
                table: "FeedVisits",
                columns: new[] { "BlogId", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_Followings_NextVisitAt",
                table: "Followings",
                column: "NextVisitAt");

            migrationBuilder.CreateIndex(
                name: "IX_GoneAddresses_SiteId_Hash",
                table: "GoneAddresses",
                columns: new[] { "SiteId", "Hash" },
                unique: true);

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

            migrationBuilder.CreateIndex(
                name: "IX_HubSubscriptions_Key",
                table: "HubSubscriptions",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_HubSubscriptions_RenewAt",
                table: "HubSubscriptions",
                column: "RenewAt");

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
                name: "IX_Invitations_ById",
                table: "Invitations",
                column: "ById");

            migrationBuilder.CreateIndex(
                name: "IX_Invitations_HandHash",
                table: "Invitations",
                column: "HandHash",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Invitations_Hash",
                table: "Invitations",
                column: "Hash",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Invitations_SiteId_Mail",
                table: "Invitations",
                columns: new[] { "SiteId", "Mail" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Letters_NextAttemptAt",
                table: "Letters",
                column: "NextAttemptAt");

            migrationBuilder.CreateIndex(
                name: "IX_Letters_SiteId",
                table: "Letters",
                column: "SiteId");

            migrationBuilder.CreateIndex(
                name: "IX_Listings_Key",
                table: "Listings",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Listings_LookId",
                table: "Listings",
                column: "LookId");

            migrationBuilder.CreateIndex(
                name: "IX_Listings_SiteId",
                table: "Listings",
                column: "SiteId");

            migrationBuilder.CreateIndex(
                name: "IX_Looks_SiteId",
                table: "Looks",
                column: "SiteId");

            migrationBuilder.CreateIndex(
                name: "IX_Memberships_PersonId",
                table: "Memberships",
                column: "PersonId");

            migrationBuilder.CreateIndex(
                name: "IX_Mentions_HeldUntil",
                table: "Mentions",
                column: "HeldUntil",
                filter: "\"HeldUntil\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Mentions_Key",
                table: "Mentions",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Mentions_NextReadAt",
                table: "Mentions",
                column: "NextReadAt",
                filter: "\"NextReadAt\" IS NOT NULL");

            migrationBuilder.CreateIndex(
                name: "IX_Mentions_PostId_Source",
                table: "Mentions",
                columns: new[] { "PostId", "Source" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Mentions_SiteId_State_Id",
                table: "Mentions",
                columns: new[] { "SiteId", "State", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_NoticeMails_Key",
                table: "NoticeMails",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_NoticeMails_NoticeId",
                table: "NoticeMails",
                column: "NoticeId");

            migrationBuilder.CreateIndex(
                name: "IX_NoticeMails_SentAt_FailedAt_NextAttemptAt",
                table: "NoticeMails",
                columns: new[] { "SentAt", "FailedAt", "NextAttemptAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Notices_SiteId_DoneAt_Id",
                table: "Notices",
                columns: new[] { "SiteId", "DoneAt", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_NoticeWishes_PersonId",
                table: "NoticeWishes",
                column: "PersonId");

            migrationBuilder.CreateIndex(
                name: "IX_NoticeWishes_SiteId_PersonId",
                table: "NoticeWishes",
                columns: new[] { "SiteId", "PersonId" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_PartnerFeeds_Key",
                table: "PartnerFeeds",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_PartnerFeeds_SiteId",
                table: "PartnerFeeds",
                column: "SiteId");

            migrationBuilder.CreateIndex(
                name: "IX_Patterns_SiteId_Name",
                table: "Patterns",
                columns: new[] { "SiteId", "Name" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Pictures_Key",
                table: "Pictures",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Pictures_OfKey",
                table: "Pictures",
                column: "OfKey");

            migrationBuilder.CreateIndex(
                name: "IX_Pictures_SiteId_Id",
                table: "Pictures",
                columns: new[] { "SiteId", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_Pictures_SiteId_SourceAddress",
                table: "Pictures",
                columns: new[] { "SiteId", "SourceAddress" });

            migrationBuilder.CreateIndex(
                name: "IX_PostChanges_PostId_Id",
                table: "PostChanges",
                columns: new[] { "PostId", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_Posts_BlogId_ImportKey",
                table: "Posts",
                columns: new[] { "BlogId", "ImportKey" });

            migrationBuilder.CreateIndex(
                name: "IX_Posts_BlogId_Slug",
                table: "Posts",
                columns: new[] { "BlogId", "Slug" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Posts_BlogId_SourceId",
                table: "Posts",
                columns: new[] { "BlogId", "SourceId" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Posts_DeletedAt",
                table: "Posts",
                column: "DeletedAt");

            migrationBuilder.CreateIndex(
                name: "IX_Posts_ImportId",
                table: "Posts",
                column: "ImportId");

            migrationBuilder.CreateIndex(
                name: "IX_Posts_Key",
                table: "Posts",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Posts_SiteId_ListedAt_Id",
                table: "Posts",
                columns: new[] { "SiteId", "ListedAt", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_Posts_SiteId_PublishedAt_Id",
                table: "Posts",
                columns: new[] { "SiteId", "PublishedAt", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_Posts_SiteId_UpdatedAt_Id",
                table: "Posts",
                columns: new[] { "SiteId", "UpdatedAt", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_PostVersions_PostId_Id",
                table: "PostVersions",
                columns: new[] { "PostId", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_PreviewLinks_Key",
                table: "PreviewLinks",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_PreviewLinks_PostId",
                table: "PreviewLinks",
                column: "PostId");

            migrationBuilder.CreateIndex(
                name: "IX_Questions_PostId",
                table: "Questions",
                column: "PostId");

            migrationBuilder.CreateIndex(
                name: "IX_Questions_SiteId_Id",
                table: "Questions",
                columns: new[] { "SiteId", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_ReaderLinks_Hash",
                table: "ReaderLinks",
                column: "Hash",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_ReaderLinks_SiteId",
                table: "ReaderLinks",
                column: "SiteId");

            migrationBuilder.CreateIndex(
                name: "IX_ReviewRemarks_PostId_Id",
                table: "ReviewRemarks",
                columns: new[] { "PostId", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_SavedViews_PersonId",
                table: "SavedViews",
                column: "PersonId");

            migrationBuilder.CreateIndex(
                name: "IX_SavedViews_SiteId_PersonId",
                table: "SavedViews",
                columns: new[] { "SiteId", "PersonId" });

            migrationBuilder.CreateIndex(
                name: "IX_Segments_SiteId_Name",
                table: "Segments",
                columns: new[] { "SiteId", "Name" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Sessions_Hash",
                table: "Sessions",
                column: "Hash",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Sessions_PersonId",
                table: "Sessions",
                column: "PersonId");

            migrationBuilder.CreateIndex(
                name: "IX_Sightings_ListingId_PageAddress",
                table: "Sightings",
                columns: new[] { "ListingId", "PageAddress" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_SignInFailures_Network_At",
                table: "SignInFailures",
                columns: new[] { "Network", "At" });

            migrationBuilder.CreateIndex(
                name: "IX_SignInFailures_Person_At",
                table: "SignInFailures",
                columns: new[] { "Person", "At" });

            migrationBuilder.CreateIndex(
                name: "IX_SignUpForms_Key",
                table: "SignUpForms",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_SignUpForms_LookId",
                table: "SignUpForms",
                column: "LookId");

            migrationBuilder.CreateIndex(
                name: "IX_SignUpForms_SiteId",
                table: "SignUpForms",
                column: "SiteId");

            migrationBuilder.CreateIndex(
                name: "IX_SiteActs_SiteId_Id",
                table: "SiteActs",
                columns: new[] { "SiteId", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_Sites_PublicKey",
                table: "Sites",
                column: "PublicKey",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Subscribers_FormId",
                table: "Subscribers",
                column: "FormId");

            migrationBuilder.CreateIndex(
                name: "IX_Subscribers_Key",
                table: "Subscribers",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Subscribers_SiteId_CreatedAt",
                table: "Subscribers",
                columns: new[] { "SiteId", "CreatedAt" });

            migrationBuilder.CreateIndex(
                name: "IX_Subscribers_SiteId_Mail",
                table: "Subscribers",
                columns: new[] { "SiteId", "Mail" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_SubscriptionAsks_Key",
                table: "SubscriptionAsks",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_SubscriptionAsks_SiteId_Mail",
                table: "SubscriptionAsks",
                columns: new[] { "SiteId", "Mail" });

            migrationBuilder.CreateIndex(
                name: "IX_ThreadAliases_SiteId_FoldedAddress",
                table: "ThreadAliases",
                columns: new[] { "SiteId", "FoldedAddress" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_ThreadAliases_SiteId_Identifier",
                table: "ThreadAliases",
                columns: new[] { "SiteId", "Identifier" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_ThreadAliases_ThreadId",
                table: "ThreadAliases",
                column: "ThreadId");

            migrationBuilder.CreateIndex(
                name: "IX_ThreadFollows_Key",
                table: "ThreadFollows",
                column: "Key",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_ThreadFollows_SiteId",
                table: "ThreadFollows",
                column: "SiteId");

            migrationBuilder.CreateIndex(
                name: "IX_ThreadFollows_ThreadId_Mail",
                table: "ThreadFollows",
                columns: new[] { "ThreadId", "Mail" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Threads_PostId",
                table: "Threads",
                column: "PostId");

            migrationBuilder.CreateIndex(
                name: "IX_Threads_SiteId_FoldedAddress",
                table: "Threads",
                columns: new[] { "SiteId", "FoldedAddress" });

            migrationBuilder.CreateIndex(
                name: "IX_Threads_SiteId_Identifier",
                table: "Threads",
                columns: new[] { "SiteId", "Identifier" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_WatchedFeeds_BlogId",
                table: "WatchedFeeds",
                column: "BlogId");

            migrationBuilder.CreateIndex(
                name: "IX_WatchedFeeds_NextCheckAt",
                table: "WatchedFeeds",
                column: "NextCheckAt");

            migrationBuilder.CreateIndex(
                name: "IX_WatchedFeeds_RepairKey",
                table: "WatchedFeeds",
                column: "RepairKey",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_WatchedFeeds_SiteId_Address",
                table: "WatchedFeeds",
                columns: new[] { "SiteId", "Address" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_WatchRecords_WatchedFeedId_Id",
                table: "WatchRecords",
                columns: new[] { "WatchedFeedId", "Id" });

            migrationBuilder.CreateIndex(
                name: "IX_WriterMarks_MadeById",
                table: "WriterMarks",
                column: "MadeById");

            migrationBuilder.CreateIndex(
                name: "IX_WriterMarks_SiteId_By_Value",
                table: "WriterMarks",
                columns: new[] { "SiteId", "By", "Value" },
                unique: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "ApiTokens");

            migrationBuilder.DropTable(
                name: "ArrivalCounts");

            migrationBuilder.DropTable(
                name: "AspNetUserClaims");

            migrationBuilder.DropTable(
                name: "AspNetUserLogins");

            migrationBuilder.DropTable(
                name: "AspNetUserTokens");

            migrationBuilder.DropTable(
                name: "Authors");

            migrationBuilder.DropTable(
                name: "BlogFields");

            migrationBuilder.DropTable(
                name: "BulkChanges");

            migrationBuilder.DropTable(
                name: "Categories");

            migrationBuilder.DropTable(
                name: "ChannelAttempts");

            migrationBuilder.DropTable(
                name: "ChannelStarts");

            migrationBuilder.DropTable(
                name: "CommentCounts");

            migrationBuilder.DropTable(
                name: "CommentDeeds");

            migrationBuilder.DropTable(
                name: "CommentLooks");

            migrationBuilder.DropTable(
                name: "CommentNotes");

            migrationBuilder.DropTable(
                name: "CommentReactions");

            migrationBuilder.DropTable(
                name: "CommentReports");

            migrationBuilder.DropTable(
                name: "CommentVotes");

            migrationBuilder.DropTable(
                name: "ConfirmedReaders");

            migrationBuilder.DropTable(
                name: "DecisionLinks");

            migrationBuilder.DropTable(
                name: "Deliveries");

            migrationBuilder.DropTable(
                name: "EditionLinks");

            migrationBuilder.DropTable(
                name: "EditionPosts");

            migrationBuilder.DropTable(
                name: "FeedMoves");

            migrationBuilder.DropTable(
                name: "FeedSettings");

            migrationBuilder.DropTable(
                name: "FeedVisits");

            migrationBuilder.DropTable(
                name: "GoneAddresses");

            migrationBuilder.DropTable(
                name: "HubReaders");

            migrationBuilder.DropTable(
                name: "HubSubscriptions");

            migrationBuilder.DropTable(
                name: "Imports");

            migrationBuilder.DropTable(
                name: "Invitations");

            migrationBuilder.DropTable(
                name: "Letters");

            migrationBuilder.DropTable(
                name: "MailStandings");

            migrationBuilder.DropTable(
                name: "Memberships");

            migrationBuilder.DropTable(
                name: "NoticeMails");

            migrationBuilder.DropTable(
                name: "NoticeWishes");

            migrationBuilder.DropTable(
                name: "PartnerFeeds");

            migrationBuilder.DropTable(
                name: "Patterns");

            migrationBuilder.DropTable(
                name: "PostChanges");

            migrationBuilder.DropTable(
                name: "PostPresences");

            migrationBuilder.DropTable(
                name: "PostVersions");

            migrationBuilder.DropTable(
                name: "PreviewLinks");

            migrationBuilder.DropTable(
                name: "ProvenDevices");

            migrationBuilder.DropTable(
                name: "Questions");

            migrationBuilder.DropTable(
                name: "ReaderLinks");

            migrationBuilder.DropTable(
                name: "ReviewRemarks");

            migrationBuilder.DropTable(
                name: "SavedViews");

            migrationBuilder.DropTable(
                name: "Sessions");

            migrationBuilder.DropTable(
                name: "Sightings");

            migrationBuilder.DropTable(
                name: "SignInFailures");

            migrationBuilder.DropTable(
                name: "SiteActs");

            migrationBuilder.DropTable(
                name: "SubscriptionAsks");

            migrationBuilder.DropTable(
                name: "ThreadAliases");

            migrationBuilder.DropTable(
                name: "ThreadFollows");

            migrationBuilder.DropTable(
                name: "WaitingChanges");

            migrationBuilder.DropTable(
                name: "WatchRecords");

            migrationBuilder.DropTable(
                name: "WriterMarks");

            migrationBuilder.DropTable(
                name: "ChannelDeliveries");

            migrationBuilder.DropTable(
                name: "Comments");

            migrationBuilder.DropTable(
                name: "Subscribers");

            migrationBuilder.DropTable(
                name: "Editions");

            migrationBuilder.DropTable(
                name: "Followings");

            migrationBuilder.DropTable(
                name: "Notices");

            migrationBuilder.DropTable(
                name: "Listings");

            migrationBuilder.DropTable(
                name: "WatchedFeeds");

            migrationBuilder.DropTable(
                name: "AspNetUsers");

            migrationBuilder.DropTable(
                name: "Channels");

            migrationBuilder.DropTable(
                name: "Mentions");

            migrationBuilder.DropTable(
                name: "Pictures");

            migrationBuilder.DropTable(
                name: "Threads");

            migrationBuilder.DropTable(
                name: "SignUpForms");

            migrationBuilder.DropTable(
                name: "Digests");

            migrationBuilder.DropTable(
                name: "Posts");

            migrationBuilder.DropTable(
                name: "Looks");

            migrationBuilder.DropTable(
                name: "Segments");

            migrationBuilder.DropTable(
                name: "Blogs");

            migrationBuilder.DropTable(
                name: "Sites");
        }
    }
}
